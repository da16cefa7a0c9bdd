select run.id, run.version, run.name, run.day::text as day, run.started_at as "startedAt", run.pattern_id as "patternId", run.session_id as "sessionId", run.tap_delay as "tapDelay", run.views, run.faults, run.merged, run.steps, run.plan,
       (select array_agg(ra.athlete_id order by ra.place) from run_athlete ra where ra.club_id = run.club_id and ra.run_id = run.id and not ra.joined) as athletes
from run
where run.club_id = $1 and run.id = $2
