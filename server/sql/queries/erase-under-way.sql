-- A run with the athlete that is under way.
select run.name
from run
join run_athlete ra on ra.club_id = run.club_id and ra.run_id = run.id
where run.club_id = $1 and ra.athlete_id = $2 and not run.ended and run.heard_at > now() - interval '6 hours'
limit 1
