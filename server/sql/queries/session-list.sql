select id, version, body, archived_at as "archivedAt", updated_at as "savedAt"
from session
where club_id = $1 and ($2::uuid[] is null or id = any($2))
order by lower(name), id
