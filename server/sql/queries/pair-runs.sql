-- Runs of an athlete in which two faults could both be seen, the oldest first: the occasions that showed the one, and how many of them the
-- other too.
select run.id, run.name, run.started_at as "startedAt",
       pair.both_n + case when pair.fault = $3 then pair.one_n else pair.other_n end as attempts, pair.both_n as faulty, 0 as again, 0 as noted
from tally_pair pair join run on run.club_id = pair.club_id and run.id = pair.run_id
where pair.club_id = $1 and pair.athlete_id = $2
  and ((pair.fault = $3 and pair.other = $4) or (pair.fault = $4 and pair.other = $3))
order by run.started_at, run.id
