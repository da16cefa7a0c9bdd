update teaching
set choices = $2, stances = $3, moves = $4, playbooks = $5, views = $6, language = $9, engine = $10, version = version + 1,
  numbers = case when $7::jsonb is null then numbers else nullif($7::jsonb, 'null') end,
  faults = coalesce($8::jsonb, faults)
where club_id = $1 and version = $11
returning version, choices, stances, moves, playbooks, views, numbers, faults
