-- What arrived of a run after a number: how many lines of its log, and of those what can be counted, as in `run-log`.
select count(*)::int as lines, coalesce(json_agg(body order by arrival) filter (where refused is null)::text, '[]') as log
from run_event
where club_id = $1 and run_id = $2 and arrival > $3
