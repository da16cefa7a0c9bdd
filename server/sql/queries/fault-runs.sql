-- What each run of an athlete says of one fault, the oldest first.
select run.id, run.name, run.started_at as "startedAt", tally.attempts, tally.faulty, tally.again, tally.noted
from tally join run on run.club_id = tally.club_id and run.id = tally.run_id
where tally.club_id = $1 and tally.athlete_id = $2 and tally.fault = $3
order by run.started_at, run.id
