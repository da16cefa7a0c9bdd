select version, body, language, engine, saved_at as "savedAt"
from session_version
where club_id = $1 and session_id = $2
order by version desc
limit 60
