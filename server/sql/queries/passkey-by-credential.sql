-- Whom a passkey lets in: it names nobody itself.
select passkey.club_id as "clubId", coach.id, coach.password_hash as "passwordHash", coach.sign_in_by as by, passkey.id as key,
  passkey.public_key as "publicKey", passkey.counter::float8 as counter
from passkey
join coach on coach.club_id = passkey.club_id and coach.id = passkey.coach_id
where passkey.credential = $1 and passkey.at = $2 and coach.gone_at is null and coach.password_hash is not null
