-- No row: it is somebody's already.
insert into passkey (club_id, coach_id, id, credential, public_key, counter, transports, name, at)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
on conflict (credential) do nothing
returning id
