-- Where else a name stands: in names of runs and sessions and in notes. Words are compared in small letters.
select 'run' as kind, run.day::text as day, run.name as text from run where run.club_id = $1 and position(lower($2) in lower(run.name)) > 0
union all
select 'session', null, session.name from session where session.club_id = $1 and position(lower($2) in lower(session.name)) > 0
union all
select 'note', run.day::text, e.body ->> 'text'
from run_event e join run on run.club_id = e.club_id and run.id = e.run_id
where e.club_id = $1 and e.body ->> 'kind' = 'note' and e.athlete_id is distinct from $3 and position(lower($2) in lower(e.body ->> 'text')) > 0
order by day desc nulls last
limit 50
