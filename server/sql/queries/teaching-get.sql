select version, choices, stances, moves, playbooks
from teaching
where club_id = $1
