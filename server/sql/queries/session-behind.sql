select id, language, engine
from session
where club_id = $1 and (language < $2 or engine < $3)
