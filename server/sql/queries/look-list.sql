-- Who looked at whom, the latest first; of one athlete also the runs they were in.
select look.id::int as id, look.at, look.last_at as "lastAt", look.times, look.what, coach.name as who,
       look.athlete_id as "athleteId", athlete.name as athlete, look.run_id as "runId", run.name as run, run.day::text as day
from look
left join coach on coach.club_id = look.club_id and coach.id = look.coach_id
left join athlete on athlete.club_id = look.club_id and athlete.id = look.athlete_id and athlete.erased_in is null
left join run on run.club_id = look.club_id and run.id = look.run_id
where look.club_id = $1
  and ($2::bigint is null or look.id < $2)
  and (
    $3::uuid is null or look.athlete_id = $3
    or exists (select from run_athlete ra where ra.club_id = look.club_id and ra.run_id = look.run_id and ra.athlete_id = $3)
  )
order by look.id desc
limit $4
