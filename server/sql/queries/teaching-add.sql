insert into teaching (club_id, choices, stances, moves, playbooks, views)
values ($1, $2, $3, $4, $5, $6)
on conflict (club_id) do nothing
returning version, choices, stances, moves, playbooks, views
