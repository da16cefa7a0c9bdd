-- All that can be counted of a run, by arrival, as one JSON text: nobody reads it on the way to whoever counts.
select coalesce(json_agg(body order by arrival)::text, '[]') as log
from run_event
where club_id = $1 and run_id = $2 and refused is null
