select id, version, name, steps, sport, school, hand, lead, should_close as "shouldClose", dose, tags, area, schools,
   archived_at as "archivedAt", updated_at as "savedAt"
from pattern
where club_id = $1 and ($2::uuid[] is null or id = any($2))
order by lower(name), id
