-- As look-add, of several athletes at once: the same by the same within an hour is one.
with again as (
  update look
  set times = times + 1, last_at = now()
  where club_id = $1 and coach_id is not distinct from $2 and what = $3 and athlete_id = any($4::uuid[]) and run_id is null
    and at > now() - interval '1 hour' and last_at > now() - interval '1 hour'
  returning athlete_id
)
insert into look (club_id, coach_id, what, athlete_id)
select $1, $2, $3, named.id
from unnest($4::uuid[]) as named (id)
where not exists (select from again where again.athlete_id = named.id)
