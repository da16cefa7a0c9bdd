with saved as (
  update session
  set name = $3, template = $4, body = $5, version = version + 1, updated_at = now()
  where club_id = $1 and id = $2 and version = $6
  returning *
), kept as (
  insert into session_version (club_id, session_id, version, body)
  select club_id, id, version, body from saved
)
select id, version, body, archived_at as "archivedAt", updated_at as "savedAt"
from saved
where club_id = $1
