-- Which run a code leads to: it names no club itself.
select run_code.club_id as "clubId", run_code.run_id as "runId"
from run_code
join run on run.club_id = run_code.club_id and run.id = run_code.run_id
where run_code.hash = $1 and not run.ended and run.heard_at > now() - interval '12 hours'
