-- Runs that speak of an athlete, with how many people each has.
select run.id, (select count(*)::int from run_athlete other where other.club_id = run.club_id and other.run_id = run.id) as people
from run
where run.club_id = $1
  and (
    exists (select from run_athlete ra where ra.club_id = run.club_id and ra.run_id = run.id and ra.athlete_id = $2)
    or exists (select from run_event e where e.club_id = run.club_id and e.run_id = run.id and e.athlete_id = $2)
  )
order by run.id
