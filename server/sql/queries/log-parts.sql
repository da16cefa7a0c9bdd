-- What some of an athlete's runs hold of every fault part by part, the oldest first.
select
  part.run_id as run, run.name, part.exercise, coalesce(e.name, '') as stage, coalesce(e.kind, '') as kind,
  coalesce(e.cueing, '') as cueing, coalesce(e.implement, '') as implement, e.tempo, coalesce(e.opponent, '') as opponent, part.fault, part.set_no as "set",
  part.round_no as round, part.third, part.way, part.direction, part.view, part.source, sum(part.attempts)::int as attempts,
  sum(part.faulty)::int as faulty, sum(part.noted)::int as noted, sum(part.left_taps)::int as "left", sum(part.right_taps)::int as "right"
from run_athlete here
join run on run.club_id = here.club_id and run.id = here.run_id
join tally_part part on part.club_id = here.club_id and part.run_id = here.run_id and part.athlete_id = here.athlete_id
left join run_exercise e on e.club_id = part.club_id and e.run_id = part.run_id and e.exercise = part.exercise
where here.club_id = $1 and here.athlete_id = $2 and here.run_id = any($3::uuid[])
group by part.run_id, run.started_at, run.name, part.exercise, e.name, e.kind, e.cueing, e.implement, e.tempo, e.opponent, part.fault,
  part.set_no, part.round_no, part.third, part.way, part.direction, part.view, part.source
order by run.started_at, part.run_id, part.exercise, part.set_no, part.round_no, part.third, part.fault
