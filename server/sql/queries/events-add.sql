insert into run_event (club_id, run_id, id, n, at, t, kind, athlete_id, fault, side, source, clip, body)
select $1, $2, e.id, e.n, e.at, e.t, e.kind, e.athlete, e.fault, e.side, e.source, e.clip, e.body
from jsonb_to_recordset($3) as e (id uuid, n integer, at double precision, t double precision, kind text, athlete uuid,
                                  fault text, side text, source text, clip double precision, body jsonb)
on conflict (club_id, run_id, id) do nothing
