update teaching
set choices = $2, stances = $3, moves = $4, playbooks = $5, views = $6, version = version + 1
where club_id = $1 and version = $7
returning version, choices, stances, moves, playbooks, views
