-- Runs that an athlete was in, the latest first, with what each came to for them.
select run.id, run.name, run.day::text as day, run.started_at as "startedAt", run.steps,
       coalesce((
         select json_agg(json_build_object('fault', t.fault, 'attempts', t.attempts, 'faulty', t.faulty, 'again', t.again, 'noted', t.noted, 'left', t.left_taps, 'right', t.right_taps) order by t.fault)
         from tally t where t.club_id = run.club_id and t.run_id = run.id and t.athlete_id = $2
       ), '[]') as tallies,
       coalesce((select p.times from praise p where p.club_id = run.club_id and p.run_id = run.id and p.athlete_id = $2), 0) as praise
from run_athlete ra
join run on run.club_id = ra.club_id and run.id = ra.run_id
where ra.club_id = $1 and ra.athlete_id = $2
order by run.started_at desc, run.id
