select version, choices, stances, moves, playbooks, views, numbers, faults
from teaching
where club_id = $1
