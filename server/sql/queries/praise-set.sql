insert into praise (club_id, run_id, athlete_id, times)
select $1, $2, p.key::uuid, p.value::int from jsonb_each_text($3) as p
on conflict (club_id, athlete_id, run_id) do update set times = excluded.times
