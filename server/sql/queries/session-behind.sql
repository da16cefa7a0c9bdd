select id, language
from session
where club_id = $1 and language < $2
