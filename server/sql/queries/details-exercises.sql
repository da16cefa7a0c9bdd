insert into run_exercise (club_id, run_id, exercise, stage, name, kind, cueing, implement, tempo, opponent)
select $1, $2, e.n - 1, e.one->>'stage', e.one->>'name', coalesce(e.one->>'kind', ''), coalesce(e.one->>'cueing', ''), coalesce(e.one->>'implement', ''), (e.one->>'tempo')::float8, coalesce(e.one->>'opponent', '')
from jsonb_array_elements($3::jsonb) with ordinality as e (one, n)
