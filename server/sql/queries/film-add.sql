-- From a file: what the club has of a clip stays, and beyond so many none is added.
insert into film_work (club_id, clip, name, athlete_id, day, work)
select $1, $2, $3, $4, $5::date, $6
where (select count(*) from film_work where club_id = $1) < $7
on conflict (club_id, clip) do nothing
returning clip
