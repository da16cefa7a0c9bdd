select run.day::text as day, tally.fault, sum(tally.attempts)::int as attempts, sum(tally.faulty)::int as faulty,
       sum(tally.noted)::int as noted, sum(tally.left_taps)::int as "left", sum(tally.right_taps)::int as "right"
from tally join run on run.club_id = tally.club_id and run.id = tally.run_id
where tally.club_id = $1 and tally.athlete_id = $2
group by run.day, tally.fault
order by run.day, tally.fault
