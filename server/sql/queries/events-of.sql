select id, n, at, t, kind, athlete_id as athlete, fault, side, source, clip, body
from run_event
where club_id = $1 and run_id = $2
order by n, at
