with saved as (
  insert into pattern (club_id, id, name, steps, sport, school, hand, lead, should_close, dose, tags, area, schools, language, engine)
  values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15)
  on conflict (club_id, id) do nothing
  returning *
), kept as (
  insert into pattern_version (club_id, pattern_id, version, name, steps, body, language, engine)
  select club_id, id, version, name, steps,
         jsonb_build_object('name', name, 'steps', steps, 'sport', sport, 'school', school, 'hand', hand, 'lead', lead, 'shouldClose', should_close,
           'dose', dose, 'tags', tags, 'area', area, 'schools', schools), language, engine
  from saved
)
select id, version, name, steps, sport, school, hand, lead, should_close as "shouldClose", dose, tags, area, schools,
       archived_at as "archivedAt", updated_at as "savedAt"
from saved
where club_id = $1
