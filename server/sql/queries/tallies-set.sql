insert into tally (club_id, run_id, athlete_id, fault, attempts, faulty, again, noted, left_taps, right_taps)
select $1, $2, t.athlete, t.fault, t.attempts, t.faulty, t.again, t.noted, t.left, t.right
from jsonb_to_recordset($3) as t (athlete uuid, fault text, attempts integer, faulty integer, again integer, noted integer, "left" integer, "right" integer)
on conflict (club_id, athlete_id, fault, run_id) do update
set attempts = excluded.attempts, faulty = excluded.faulty, again = excluded.again, noted = excluded.noted,
    left_taps = excluded.left_taps, right_taps = excluded.right_taps
