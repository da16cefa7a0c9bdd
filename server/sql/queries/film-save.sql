-- Version 0 is a new one, of which a club has so many; another one takes the place of the version that it was made from.
insert into film_work (club_id, clip, name, athlete_id, day, work, coach_id)
select $1, $2, $3, $4, $5::date, $6, $7
where $8 = 0 and (select count(*) from film_work where club_id = $1) < $9
   or exists (select from film_work where club_id = $1 and clip = $2 and version = $8)
on conflict (club_id, clip) do update
  set name = excluded.name, athlete_id = excluded.athlete_id, day = excluded.day, work = excluded.work, coach_id = excluded.coach_id,
      version = film_work.version + 1, kept_at = now()
  where film_work.version = $8
returning clip, name, work, version
