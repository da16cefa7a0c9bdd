-- All runs these athletes were in, as far as their evenings need them: id, day, start and end (ms); a row an athlete, as one piece of JSON.
select run_athlete.athlete_id as athlete,
       json_agg(json_build_array(
         run.id, run.day, floor(extract(epoch from run.started_at) * 1000), floor(extract(epoch from run.started_at) * 1000) + run.latest_m
       )) as runs
from run_athlete
join run on run.club_id = run_athlete.club_id and run.id = run_athlete.run_id
where run_athlete.club_id = $1 and run_athlete.athlete_id = any($2::uuid[])
group by run_athlete.athlete_id
