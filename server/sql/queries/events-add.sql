insert into run_event (club_id, run_id, device, seq, arrival, id, athlete_id, refused, coach_id, body)
select $1, $2, e.device, e.seq, e.arrival, e.id, e.athlete, e.refused, $3, e.body
from jsonb_to_recordset($4) as e (device text, seq integer, arrival integer, id uuid, athlete uuid, refused text, body jsonb)
