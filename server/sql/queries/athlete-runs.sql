-- All runs these athletes were in, as far as their evenings need them: id, day, start and end (ms); a row an athlete, its columns each as
-- one text, all in the same order.
select run_athlete.athlete_id as athlete,
       array_to_string(array_agg(run.id), ',') as ids, string_agg(run.day::text, ',') as days,
       array_to_string(array_agg(floor(extract(epoch from run.started_at)::float8 * 1000)), ',') as starts,
       array_to_string(array_agg(run.latest_m), ',') as lengths
from run_athlete
join run on run.club_id = run_athlete.club_id and run.id = run_athlete.run_id
where run_athlete.club_id = $1 and run_athlete.athlete_id = any($2::uuid[])
group by run_athlete.athlete_id
