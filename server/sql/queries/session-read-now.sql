update session
set language = $3, engine = $4
where club_id = $1 and id = any($2::uuid[])
