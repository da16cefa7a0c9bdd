select id, version, body, archived_at as "archivedAt"
from session
where club_id = $1 and id = $2
