-- What the fault book of somebody who was erased asked for does not come back, from a device or a file.
with saved as (
  update session
  set name = $3, template = $4, body = $5::jsonb - case when exists (
    select from erased where erased.club_id = $1 and erased.id::text = $5::jsonb #>> '{offered,athlete}') then 'offered' else '' end,
    language = $6, engine = $7, version = version + 1, updated_at = now()
  where club_id = $1 and id = $2 and version = $8
  returning *
), kept as (
  insert into session_version (club_id, session_id, version, body, language, engine)
  select club_id, id, version, body, language, engine from saved
)
select id, version, body, archived_at as "archivedAt", updated_at as "savedAt"
from saved
where club_id = $1
