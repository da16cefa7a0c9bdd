-- What each run says of each fault of these athletes, or of one fault, oldest first.
select tally.athlete_id as athlete, run.id, run.day::text as day, tally.fault, tally.attempts, tally.faulty, tally.noted,
       tally.left_taps as "left", tally.right_taps as "right"
from tally join run on run.club_id = tally.club_id and run.id = tally.run_id
where tally.club_id = $1 and tally.athlete_id = any($2::uuid[]) and ($3::text is null or tally.fault = $3)
order by run.started_at, run.id, tally.fault
