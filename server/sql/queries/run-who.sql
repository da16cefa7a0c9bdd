-- Under which names whom devices wrote in a run: whose account they were signed in with.
select e.device, string_agg(distinct coach.name, ', ' order by coach.name) as who
from run_event e join coach on coach.club_id = e.club_id and coach.id = e.coach_id
where e.club_id = $1 and e.run_id = $2
group by e.device
