select version, name, steps, body, language, engine, saved_at as "savedAt"
from pattern_version
where club_id = $1 and pattern_id = $2
order by version desc
limit 100
