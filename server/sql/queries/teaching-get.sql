select version, choices, stances
from teaching
where club_id = $1
