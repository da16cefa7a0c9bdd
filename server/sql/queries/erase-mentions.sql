-- Where else a name stands: in names of runs, in sessions and patterns (their earlier versions too), in notes, in why others were decided on, in what was said of film. Words are compared in small
-- letters; in documents a name stands as they write it (a quotation mark behind a stroke).
select 'run' as kind, run.day::text as day, run.name as text from run where run.club_id = $1 and position(lower($2) in lower(run.name)) > 0
union all
select 'session', null, session.name
from session
where session.club_id = $1
  and exists (
    select from session_version v
    where v.club_id = session.club_id and v.session_id = session.id and position(lower(btrim(to_jsonb($2::text)::text, '"')) in lower(v.body::text)) > 0
  )
union all
select 'pattern', null, pattern.name
from pattern
where pattern.club_id = $1
  and exists (
    select from pattern_version v
    where v.club_id = pattern.club_id
      and v.pattern_id = pattern.id
      and (
        position(lower($2) in lower(concat(v.name, ' ', v.steps))) > 0
        or position(lower(btrim(to_jsonb($2::text)::text, '"')) in lower(v.body::text)) > 0
      )
  )
union all
select 'note', run.day::text, e.body ->> 'text'
from run_event e join run on run.club_id = e.club_id and run.id = e.run_id
where e.club_id = $1 and e.body ->> 'kind' = 'note' and e.athlete_id is distinct from $3 and position(lower($2) in lower(e.body ->> 'text')) > 0
union all
select 'decision', decision.day::text, decision.why
from decision
where decision.club_id = $1 and decision.athlete_id <> $3 and position(lower($2) in lower(decision.why)) > 0
union all
select 'film', film_work.day::text, film_work.name
from film_work
where film_work.club_id = $1
  and film_work.athlete_id is distinct from $3
  and position(lower(btrim(to_jsonb($2::text)::text, '"')) in lower(concat(film_work.name, ' ', film_work.work::text))) > 0
order by day desc nulls last
limit 50
