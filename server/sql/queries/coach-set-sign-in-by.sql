update coach set sign_in_by = $3 where club_id = $1 and id = $2
