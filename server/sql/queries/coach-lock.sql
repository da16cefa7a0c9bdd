select id from coach where club_id = $1 and id = $2 for update
