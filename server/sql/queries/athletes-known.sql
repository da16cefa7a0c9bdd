select id from athlete where club_id = $1 and id = any ($2) and erased_in is null
