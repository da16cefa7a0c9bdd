insert into tally_clean (club_id, run_id, athlete_id, exercise, result, clean, faulty, unwatched)
select $1, $2, t.athlete, t.exercise, coalesce(t.result, ''), t.clean, t.faulty, t.unwatched
from jsonb_to_recordset($3) as t (athlete uuid, exercise integer, result text, clean integer, faulty integer, unwatched integer)
