-- What some of an athlete's runs say of occasions watched whole and of results, thing done by thing done, the oldest first.
select
  run.id as run, coalesce(nullif(e.name, ''), run.name) as stage, nullif(clean.result, '') as result,
  sum(clean.clean)::int as clean, sum(clean.faulty)::int as faulty, sum(clean.unwatched)::int as unwatched
from run_athlete here
join run on run.club_id = here.club_id and run.id = here.run_id
join tally_clean clean on clean.club_id = here.club_id and clean.run_id = here.run_id and clean.athlete_id = here.athlete_id
left join run_exercise e on e.club_id = clean.club_id and e.run_id = clean.run_id and e.exercise = clean.exercise
where here.club_id = $1 and here.athlete_id = $2 and here.run_id = any($3::uuid[])
group by run.id, run.started_at, e.name, run.name, clean.result
order by run.started_at, run.id, stage
