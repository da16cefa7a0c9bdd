delete from way_in where club_id = $1 and coach_id = $2
