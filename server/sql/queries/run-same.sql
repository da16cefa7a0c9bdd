-- Whether a run that is there has this head; whoever was erased is nobody in both. Its name and pattern may have been changed since.
select run.day = $3 and run.started_at = $4 and run.steps is not distinct from $5 and run.plan = $6 and run.tap_delay = $7 and run.views is not distinct from $9 and run.faults is not distinct from $10
       and array(
         select case when a.erased_in is null then ra.athlete_id end
         from run_athlete ra join athlete a on a.club_id = ra.club_id and a.id = ra.athlete_id
         where ra.club_id = run.club_id and ra.run_id = run.id and not ra.joined
         order by ra.place
       ) = $8::uuid[] as same
from run
where run.club_id = $1 and run.id = $2
