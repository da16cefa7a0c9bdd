update coach set password_hash = $3 where club_id = $1 and id = $2
