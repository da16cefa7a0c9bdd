select language
from teaching
where club_id = $1 and language < $2
