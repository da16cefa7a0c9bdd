select version, choices, stances, moves
from teaching
where club_id = $1
