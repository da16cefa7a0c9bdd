select id, language, engine
from pattern
where club_id = $1 and (language < $2 or engine < $3)
