update teaching
set language = $2, engine = $3
where club_id = $1
