-- Of each of an athlete's runs: the last word on how hard it was and for how many minutes, and what was done, where that is known.
with said as (
  select distinct on (run_id) run_id, (body ->> 'effort')::int as effort, (body ->> 'minutes')::int as minutes
  from run_event
  where club_id = $1 and athlete_id = $2 and body ->> 'kind' = 'effort' and refused is null
  order by run_id, (body ->> 'order')::int desc, device desc, seq desc
)
select
  run.id, run.name, said.effort, case when said.effort is not null then said.minutes end as minutes,
  case when load.not_kept = 0 then load.landings end as landings,
  case when load.not_kept = 0 then load.lunges end as lunges
from run_athlete here
join run on run.club_id = here.club_id and run.id = here.run_id
left join said on said.run_id = run.id
left join tally_load load on load.club_id = run.club_id and load.athlete_id = here.athlete_id and load.run_id = run.id
where here.club_id = $1 and here.athlete_id = $2
order by run.started_at, run.id
