-- A club that has not chosen anything yet has what there is to add to.
insert into teaching (club_id, faults, language, engine) values ($1, '[]', $2, $3)
on conflict (club_id) do nothing
