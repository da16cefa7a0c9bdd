-- What the evenings since a day say of each fault of everybody who was here, or of those named, added up as `sumsOf` of core/evidence
-- does; runs with less than four hours between them are one evening, as `eveningsOf` has it. One row without a fault for who was here and
-- not watched.
with ran as (
  select
    here.athlete_id, run.id, run.day, run.started_at,
    run.started_at - max(run.started_at + run.latest_m * interval '1 millisecond') over before >= interval '4 hours' as apart
  from run
  join run_athlete here on here.club_id = run.club_id and here.run_id = run.id
  -- By the index on when runs started: a hall's day begins less than a day from that of the server.
  where run.club_id = $1 and run.started_at >= $2::date - 2 and run.day >= $2::date - 1
    and ($3::uuid[] is null or here.athlete_id = any($3::uuid[]))
  window before as (partition by here.athlete_id order by run.started_at, run.id rows between unbounded preceding and 1 preceding)
),
numbered as (
  select athlete_id, id, day, started_at, count(*) filter (where apart) over (partition by athlete_id order by started_at, id) as evening
  from ran
),
dated as (
  select athlete_id, id, evening, min(day) over (partition by athlete_id, evening) as day
  from numbered
),
told as (
  select
    dated.athlete_id, dated.evening, tally.fault,
    sum(tally.attempts)::float8 as n, sum(tally.faulty)::float8 as hits, sum(tally.noted) as noted
  from dated
  join tally on tally.club_id = $1 and tally.run_id = dated.id and tally.athlete_id = dated.athlete_id
  where dated.day >= $2::date
  group by dated.athlete_id, dated.evening, tally.fault
),
sums as (
  select
    athlete_id, fault, count(*) filter (where n > 0) as evenings, sum(n) as n, sum(hits) as hits, sum(noted) as noted,
    sum(n * n) as squares, coalesce(sum(hits * hits / n) filter (where n > 0), 0) as shares
  from told
  group by athlete_id, fault
),
here as (
  select athlete_id, count(distinct evening) as evenings, max(day) as last
  from dated
  where day >= $2::date
  group by athlete_id
)
select
  here.athlete_id as "athleteId", here.evenings::int as here, here.last::text as last, sums.fault, sums.evenings::int as evenings, sums.n,
  sums.hits, sums.noted::int as noted, sums.squares, sums.shares
from here
join athlete on athlete.club_id = $1 and athlete.id = here.athlete_id and athlete.archived_at is null
left join sums on sums.athlete_id = here.athlete_id
order by here.athlete_id, sums.fault
