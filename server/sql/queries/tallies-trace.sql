-- Keeps what a run adds up to by the rules it stands by, before it is counted anew.
insert into tally_before (club_id, run_id, athlete_id, fault, rules, attempts, faulty, again, noted, left_taps, right_taps, coach_id)
select $1, tally.run_id, tally.athlete_id, tally.fault, run.rules, attempts, faulty, again, noted, left_taps, right_taps, $3
from tally join run on run.club_id = tally.club_id and run.id = tally.run_id
where tally.club_id = $1 and tally.run_id = $2
