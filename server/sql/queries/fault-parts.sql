-- What an athlete's runs hold of one fault part by part, with what each exercise was and how many sets and rounds it had, whoever was
-- watched in them: of everything, or narrowed as `book-tallies-only` has it.
with of_athlete as (
  select run.id, run.name, run.started_at
  from run_athlete ra join run on run.club_id = ra.club_id and run.id = ra.run_id
  where ra.club_id = $1 and ra.athlete_id = $2
),
size as (
  select part.run_id, part.exercise, max(part.set_no) as sets, max(part.round_no) as rounds
  from tally_part part
  where part.club_id = $1 and part.run_id in (select id from of_athlete)
  group by part.run_id, part.exercise
)
select
  part.run_id as run, of_athlete.started_at::text as began, of_athlete.name, part.exercise,
  coalesce(e.name, '') as stage, coalesce(e.kind, '') as kind, coalesce(e.cueing, '') as cueing, coalesce(e.implement, '') as implement, e.tempo, coalesce(e.opponent, '') as opponent,
  part.set_no as "set", part.round_no as round, size.sets, size.rounds, part.third, part.way, part.direction, part.view, part.source,
  sum(part.attempts)::int as attempts, sum(part.faulty)::int as faulty,
  sum(part.again)::int as again, sum(part.noted)::int as noted, sum(part.left_taps)::int as "left", sum(part.right_taps)::int as "right"
from tally_part part
join of_athlete on of_athlete.id = part.run_id
join size on size.run_id = part.run_id and size.exercise = part.exercise
left join run_exercise e on e.club_id = part.club_id and e.run_id = part.run_id and e.exercise = part.exercise
where part.club_id = $1 and part.athlete_id = $2 and part.fault = $3
  and ($4::text is null or coalesce(nullif(e.name, ''), of_athlete.name) = $4)
  and ($5::text is null or e.kind = $5)
  and ($6::uuid is null or exists (
    select from run_event event
    where event.club_id = part.club_id and event.run_id = part.run_id and event.device = any(part.devices) and event.coach_id = $6))
  and ($7::text is null or part.source = $7)
group by part.run_id, of_athlete.started_at, of_athlete.name, part.exercise, e.name, e.kind, e.cueing, e.implement, e.tempo, e.opponent,
  part.set_no, part.round_no, size.sets, size.rounds, part.third, part.way, part.direction, part.view, part.source
order by of_athlete.started_at, part.run_id, part.exercise
