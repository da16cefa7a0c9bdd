with gone as (delete from reader_athlete where club_id = $1 and coach_id = $2 and not athlete_id = any ($3::uuid[]))
insert into reader_athlete (club_id, coach_id, athlete_id)
select $1, $2, unnest($3::uuid[])
on conflict do nothing
