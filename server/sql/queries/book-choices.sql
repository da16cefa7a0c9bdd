-- By what an athlete's book can be narrowed: what was done, as which kind of stage, who watched, and where.
select distinct coalesce(nullif(e.name, ''), run.name) as done, coalesce(e.kind, '') as kind, part.source, coach.id as "coachId", coach.name as coach
from run_athlete here
join run on run.club_id = here.club_id and run.id = here.run_id
join tally_part part on part.club_id = here.club_id and part.run_id = here.run_id and part.athlete_id = here.athlete_id
left join run_exercise e on e.club_id = part.club_id and e.run_id = part.run_id and e.exercise = part.exercise
left join lateral (
  select distinct event.coach_id from run_event event
  where event.club_id = part.club_id and event.run_id = part.run_id and event.device = any(part.devices)
) watched on true
left join coach on coach.club_id = here.club_id and coach.id = watched.coach_id
where here.club_id = $1 and here.athlete_id = $2
