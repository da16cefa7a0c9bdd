-- How a run stands that a code leads to; none: it is over, or has another code.
select run.arrival, (run.ahead + extract(epoch from clock_timestamp()) * 1000)::float8 as now
from run
join run_code on run_code.club_id = run.club_id and run_code.run_id = run.id
where run.club_id = $1 and run.id = $2 and run_code.hash = $3 and not run.ended and run.heard_at > now() - interval '12 hours'
