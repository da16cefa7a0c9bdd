-- The latest runs of an athlete whose parts are not counted up to now by today's rules, and how many there are.
select run.id, (count(*) over ())::int as stale
from run_athlete ra join run on run.club_id = ra.club_id and run.id = ra.run_id
where ra.club_id = $1 and ra.athlete_id = $4 and (run.details_to is distinct from run.arrival or run.details_rules is distinct from $2)
order by run.started_at desc, run.id
limit $3
