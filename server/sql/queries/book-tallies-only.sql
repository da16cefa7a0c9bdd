-- What each run of an athlete says of each fault, oldest first: only of one thing done ($3: an exercise's name, or its run's), of one
-- kind of stage ($4), of what one coach watched ($5), or looked at in one place ($6). Of runs whose parts are counted.
select run.id, run.day::text as day, part.fault, sum(part.attempts)::int as attempts, sum(part.faulty)::int as faulty,
       sum(part.noted)::int as noted, sum(part.left_taps)::int as "left", sum(part.right_taps)::int as "right"
from run_athlete here
join run on run.club_id = here.club_id and run.id = here.run_id
join tally_part part on part.club_id = here.club_id and part.run_id = here.run_id and part.athlete_id = here.athlete_id
left join run_exercise e on e.club_id = part.club_id and e.run_id = part.run_id and e.exercise = part.exercise
where here.club_id = $1 and here.athlete_id = $2
  and ($3::text is null or coalesce(nullif(e.name, ''), run.name) = $3)
  and ($4::text is null or e.kind = $4)
  and ($5::uuid is null or exists (
    select from run_event event
    where event.club_id = part.club_id and event.run_id = part.run_id and event.device = any(part.devices) and event.coach_id = $5))
  and ($6::text is null or part.source = $6)
group by run.id, run.day, run.started_at, part.fault
order by run.started_at, run.id, part.fault
