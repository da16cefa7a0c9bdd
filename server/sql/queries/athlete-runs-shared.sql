-- The latest runs of an athlete in which more than one device took part.
select ra.run_id as id
from run_athlete ra join run on run.club_id = ra.club_id and run.id = ra.run_id
where ra.club_id = $1 and ra.athlete_id = $2
  and (select count(*) from run_device d where d.club_id = ra.club_id and d.run_id = ra.run_id) > 1
order by run.started_at desc
limit 100
