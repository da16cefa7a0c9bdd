insert into teaching (club_id, choices, stances)
values ($1, $2, $3)
on conflict (club_id) do nothing
returning version, choices, stances
