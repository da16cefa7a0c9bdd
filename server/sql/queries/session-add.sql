-- What the fault book of somebody who was erased asked for does not come back, from a device or a file.
with saved as (
  insert into session (club_id, id, name, template, body, language, engine)
  values ($1, $2, $3, $4, $5::jsonb - case when exists (
    select from erased where erased.club_id = $1 and erased.id::text = $5::jsonb #>> '{offered,athlete}') then 'offered' else '' end, $6, $7)
  on conflict (club_id, id) do nothing
  returning *
), kept as (
  insert into session_version (club_id, session_id, version, body, language, engine)
  select club_id, id, version, body, language, engine from saved
)
select id, version, body, archived_at as "archivedAt", updated_at as "savedAt"
from saved
where club_id = $1
