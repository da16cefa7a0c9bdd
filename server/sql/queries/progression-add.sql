with saved as (
  insert into progression (club_id, id, name, template, body)
  values ($1, $2, $3, $4, $5)
  on conflict (club_id, id) do nothing
  returning *
), kept as (
  insert into progression_version (club_id, progression_id, version, body)
  select club_id, id, version, body from saved
)
select id, version, body, archived_at as "archivedAt"
from saved
where club_id = $1
