select run_id as "runId", id, n, at, t, kind, athlete_id as athlete, fault, side, source, clip, body
from earlier_event
where club_id = $1 and run_id = any($2::uuid[])
