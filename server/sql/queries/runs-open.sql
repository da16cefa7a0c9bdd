select run.id, run.name, run.started_at as "startedAt",
       (select array_agg(ra.athlete_id order by ra.place) from run_athlete ra where ra.club_id = run.club_id and ra.run_id = run.id) as athletes,
       coalesce((select array_agg(distinct coach.name) from run_event e join coach on coach.club_id = e.club_id and coach.id = e.coach_id
                 where e.club_id = run.club_id and e.run_id = run.id and e.seq = 1), '{}') as coaches
from run
where run.club_id = $1 and not run.ended and run.heard_at > now() - interval '3 hours'
order by run.started_at desc
limit 20
