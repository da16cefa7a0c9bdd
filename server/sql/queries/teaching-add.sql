insert into teaching (club_id, choices, stances, moves, playbooks, views, numbers, faults, language, engine)
values ($1, $2, $3, $4, $5, $6, nullif($7::jsonb, 'null'), coalesce($8::jsonb, '[]'), $9, $10)
on conflict (club_id) do nothing
returning version, choices, stances, moves, playbooks, views, numbers, faults
