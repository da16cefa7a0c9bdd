select 1 as there from run where club_id = $1 and id = $2
