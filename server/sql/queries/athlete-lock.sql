select id, name from athlete where club_id = $1 and id = $2 and erased_in is null for update
