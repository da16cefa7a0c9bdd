-- What an athlete did in some runs, watched or not: each run's exercises by name, or its own where they have none.
select distinct run.id as run, coalesce(nullif(e.name, ''), run.name) as stage
from run_athlete here
join run on run.club_id = here.club_id and run.id = here.run_id
left join run_exercise e on e.club_id = here.club_id and e.run_id = here.run_id
where here.club_id = $1 and here.athlete_id = $2 and here.run_id = any($3::uuid[])
