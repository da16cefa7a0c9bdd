-- The latest session runs an athlete was in; of one session, or of all where none is asked for.
select run.id
from run
join run_athlete on run_athlete.club_id = run.club_id and run_athlete.run_id = run.id and run_athlete.athlete_id = $2
where run.club_id = $1 and run.session_id is not null and ($3::uuid is null or run.session_id = $3)
order by run.started_at desc
limit 100
