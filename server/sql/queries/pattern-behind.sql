select id, language
from pattern
where club_id = $1 and language < $2
