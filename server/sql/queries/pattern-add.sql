insert into pattern (club_id, id, name, steps, sport, school, hand, lead, should_close, dose)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
on conflict (club_id, id) do nothing
returning id, version, name, steps, sport, school, hand, lead, should_close as "shouldClose", dose, archived_at as "archivedAt"
