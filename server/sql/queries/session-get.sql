select id, version, body, archived_at as "archivedAt", updated_at as "savedAt"
from session
where club_id = $1 and id = $2
