select version, body, saved_at as "savedAt"
from progression_version
where club_id = $1 and progression_id = $2
order by version desc
limit 60
