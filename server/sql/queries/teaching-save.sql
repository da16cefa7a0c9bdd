update teaching
set choices = $2, stances = $3, version = version + 1
where club_id = $1 and version = $4
returning version, choices, stances
