-- Of each athlete and each kind of stage the run in which a fault, or others that are counted as it, was first watched in such a stage, of
-- what these years hold.
with watched as (
  select distinct tally.athlete_id, tally.run_id, run.started_at
  from athlete
  join tally on tally.club_id = athlete.club_id and tally.athlete_id = athlete.id and tally.fault = any($2::text[]) and tally.attempts > 0
  join run on run.club_id = tally.club_id and run.id = tally.run_id and run.started_at >= now() - make_interval(years => $4)
  where athlete.club_id = $1 and athlete.archived_at is null and ($3::uuid[] is null or athlete.id = any($3::uuid[]))
)
select watched.athlete_id as athlete, done.kind, (array_agg(watched.run_id order by watched.started_at, watched.run_id))[1] as "runId"
from watched
join lateral (
  select distinct exercise.kind
  from tally_part part
  join run_exercise exercise
    on exercise.club_id = part.club_id and exercise.run_id = part.run_id and exercise.exercise = part.exercise and exercise.kind <> ''
  where part.club_id = $1 and part.run_id = watched.run_id and part.athlete_id = watched.athlete_id and part.fault = any($2::text[])
    and part.attempts > 0
) done on true
group by watched.athlete_id, done.kind
order by max(watched.started_at) desc, watched.athlete_id, done.kind
limit $5
