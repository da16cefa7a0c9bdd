delete from passkey where club_id = $1 and coach_id = $2 and id = $3 returning id
