with over as (delete from passkey_challenge where until < now())
insert into passkey_challenge (hash, purpose, coach_id, until) values ($1, $2, $3, now() + interval '5 minutes')
