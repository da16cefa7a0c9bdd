-- Runs before a moment, or at it and behind an id, the latest first; those whose name holds a text, of some days.
select run.id, run.version, run.name, run.day::text as day, run.started_at as "startedAt", run.pattern_id as "patternId", run.session_id as "sessionId", run.tap_delay as "tapDelay", (run.plan->>'landings')::float8 as landings,
       (select array_agg(ra.athlete_id order by ra.place) from run_athlete ra where ra.club_id = run.club_id and ra.run_id = run.id) as athletes,
       coalesce((select sum(most)::int from (select max(attempts) as most from tally t where t.club_id = run.club_id and t.run_id = run.id group by t.athlete_id) per_athlete), 0) as watched,
       coalesce((select sum(faulty + again + noted)::int from tally t where t.club_id = run.club_id and t.run_id = run.id), 0) as taps
from run
where run.club_id = $1
  and run.started_at <= $2 and (run.started_at < $2 or run.id > $3)
  and position(lower($5) in lower(run.name)) > 0
  and run.day between $6 and $7
order by run.started_at desc, run.id
limit $4
