-- What each run says of each fault of an athlete, oldest first.
select run.id, run.day::text as day, tally.fault, tally.attempts, tally.faulty, tally.noted, tally.left_taps as "left", tally.right_taps as "right"
from tally join run on run.club_id = tally.club_id and run.id = tally.run_id
where tally.club_id = $1 and tally.athlete_id = $2
order by run.started_at, run.id, tally.fault
