-- The code of a run that is under way; the one before it ends.
insert into run_code (club_id, run_id, hash)
select $1, run.id, $3 from run where run.club_id = $1 and run.id = $2 and not run.ended
on conflict (club_id, run_id) do update set hash = excluded.hash, made_at = now()
returning run_id as id
