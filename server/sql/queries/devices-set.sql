insert into run_device (club_id, run_id, device, stored, highest)
select $1, $2, d.device, d.stored, d.highest
from jsonb_to_recordset($3) as d (device text, stored integer, highest integer)
on conflict (club_id, run_id, device) do update set stored = excluded.stored, highest = excluded.highest
