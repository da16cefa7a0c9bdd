update run
set name = $3, pattern_id = $4, version = version + 1
where club_id = $1 and id = $2 and version = $5
returning id
