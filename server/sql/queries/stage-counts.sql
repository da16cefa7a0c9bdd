-- What these runs say of each stage for an athlete, oldest first: occasions watched whole, those not clean, and where the ball went.
select run.id as "runId", exercise.stage,
       sum(tally.clean + tally.faulty) filter (where tally.result = '')::int as n,
       sum(tally.faulty) filter (where tally.result = '')::int as hits,
       coalesce(sum(tally.clean + tally.faulty + tally.unwatched) filter (where tally.result in ('in', 'hit')), 0)::int as good,
       coalesce(sum(tally.clean + tally.faulty + tally.unwatched) filter (where tally.result in ('in', 'hit', 'out', 'missed')), 0)::int as results
from tally_clean tally
join run on run.club_id = tally.club_id and run.id = tally.run_id
join run_exercise exercise on exercise.club_id = tally.club_id and exercise.run_id = tally.run_id and exercise.exercise = tally.exercise
where tally.club_id = $1 and tally.athlete_id = $2 and tally.run_id = any($3::uuid[])
group by run.id, run.started_at, tally.exercise, exercise.stage
having sum(tally.clean + tally.faulty) filter (where tally.result = '') > 0
order by run.started_at, run.id, tally.exercise
