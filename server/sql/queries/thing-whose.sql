-- Whose a thing in a run is, as it was said last; and whether it takes part.
select
  (select body ->> 'athlete' from run_event
   where club_id = $1 and run_id = $2 and refused is null and body ->> 'kind' = 'whose' and body ->> 'thing' = $3
   order by arrival desc limit 1) as athlete,
  (select count(distinct body ->> 'thing')::int from run_event
   where club_id = $1 and run_id = $2 and refused is null and body ->> 'kind' = 'thing' and body ->> 'thing' <> $3) as others
from run where club_id = $1 and id = $2
