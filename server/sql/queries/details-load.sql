insert into tally_load (club_id, run_id, athlete_id, lines, landings, lunges, not_kept)
select $1, $2, t.athlete, t.lines, t.landings, t.lunges, t."notKept"
from jsonb_to_recordset($3) as t (athlete uuid, lines integer, landings integer, lunges integer, "notKept" integer)
