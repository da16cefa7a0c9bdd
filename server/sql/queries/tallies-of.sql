-- What each of these runs says of each fault of each athlete.
select run_id as "runId", athlete_id as athlete, fault, attempts, faulty, again, noted, left_taps as "left", right_taps as "right"
from tally
where club_id = $1 and run_id = any($2::uuid[])
order by run_id, athlete_id, fault
