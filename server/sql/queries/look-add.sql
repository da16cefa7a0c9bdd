-- The same by the same within an hour is one.
with again as (
  update look
  set times = times + 1, last_at = now()
  where club_id = $1 and coach_id is not distinct from $2 and what = $3
    and athlete_id is not distinct from $4 and run_id is not distinct from $5
    -- No later than its last time, by which the index finds it.
    and at > now() - interval '1 hour' and last_at > now() - interval '1 hour'
  returning id
)
insert into look (club_id, coach_id, what, athlete_id, run_id)
select $1, $2, $3, $4, $5
where not exists (select from again)
