insert into run_device (club_id, run_id, device, stored, highest)
values ($1, $2, $3, $4, $5)
on conflict (club_id, run_id, device) do update set stored = excluded.stored, highest = excluded.highest
