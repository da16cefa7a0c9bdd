update pattern
set name = $3, steps = $4, sport = $5, school = $6, hand = $7, lead = $8, should_close = $9, dose = $10, version = version + 1, updated_at = now()
where club_id = $1 and id = $2 and version = $11
returning id, version, name, steps, sport, school, hand, lead, should_close as "shouldClose", dose, archived_at as "archivedAt"
