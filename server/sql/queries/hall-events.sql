-- What of a run's log a hall screen goes by: its clock, its plan, who comes and goes, which phone is whose. Nothing that was seen of anybody.
select arrival, body
from run_event
where club_id = $1 and run_id = $2 and arrival > $3 and arrival <= $4 and refused is null
  and body ->> 'kind' in ('go', 'pause', 'resume', 'skip', 'end', 'plan', 'join', 'leave', 'thing', 'whose')
order by arrival
limit $5
