-- All runs these athletes were in, as far as their evenings need them.
select run_athlete.athlete_id as athlete, run.id, run.day::text as day, run.started_at as "startedAt", run.latest_m as "latestM"
from run_athlete
join run on run.club_id = run_athlete.club_id and run.id = run_athlete.run_id
where run_athlete.club_id = $1 and run_athlete.athlete_id = any($2::uuid[])
