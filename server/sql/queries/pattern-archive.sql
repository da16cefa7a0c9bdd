update pattern
set archived_at = case when $3 then now() end, version = version + 1, updated_at = now()
where club_id = $1 and id = $2
returning id, version, name, steps, sport, school, hand, lead, should_close as "shouldClose", dose, tags, area, schools,
   archived_at as "archivedAt", updated_at as "savedAt"
