update teaching
set choices = $2, stances = $3, moves = $4, version = version + 1
where club_id = $1 and version = $5
returning version, choices, stances, moves
