insert into tally_clean (club_id, run_id, athlete_id, exercise, result, stage, clean, faulty, unwatched)
select $1, $2, t.athlete, t.exercise, coalesce(t.result, ''), run.plan #>> array['exercises', t.exercise::text, 'stage'], t.clean, t.faulty, t.unwatched
from jsonb_to_recordset($3) as t (athlete uuid, exercise integer, result text, clean integer, faulty integer, unwatched integer)
join run on run.club_id = $1 and run.id = $2
