select run_id as "runId", body
from run_event
where club_id = $1 and run_id = any($2::uuid[]) and refused is null
order by run_id, arrival
