select arrival, body
from run_event
where club_id = $1 and run_id = $2 and arrival > $3 and refused is null
order by arrival
limit $4
