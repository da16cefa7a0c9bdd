insert into tally_pair (club_id, run_id, athlete_id, fault, other, both_n, one_n, other_n, neither_n)
select $1, $2, t.athlete, t.fault, t.other, t.both, t.one, t.second, t.neither
from jsonb_to_recordset($3) as t (athlete uuid, fault text, other text, "both" integer, one integer, second integer, neither integer)
