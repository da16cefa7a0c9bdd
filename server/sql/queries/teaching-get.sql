select version, choices, stances, moves, playbooks, views
from teaching
where club_id = $1
