with saved as (
  update pattern
  set name = $3, steps = $4, sport = $5, school = $6, hand = $7, lead = $8, should_close = $9, dose = $10, tags = $11, area = $12,
      schools = $13, language = $14, engine = $15, version = version + 1, updated_at = now()
  where club_id = $1 and id = $2 and version = $16
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
