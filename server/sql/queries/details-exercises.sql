insert into run_exercise (club_id, run_id, exercise, stage, name, kind, cueing, implement, tempo)
select $1, run.id, e.n - 1, e.one->>'stage', e.one->>'name', coalesce(e.one->>'kind', ''), coalesce(e.one->>'cueing', ''), coalesce(e.one->>'implement', ''), (e.one->>'tempo')::float8
from run, jsonb_array_elements(run.plan->'exercises') with ordinality as e (one, n)
where run.club_id = $1 and run.id = $2
