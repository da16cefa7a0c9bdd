select run.plan, run.tap_delay as "tapDelay", run.views, run.faults, run.merged,
       array(select ra.athlete_id from run_athlete ra where ra.club_id = run.club_id and ra.run_id = run.id and not ra.joined order by ra.place) as athletes
from run
where run.club_id = $1 and run.id = $2
