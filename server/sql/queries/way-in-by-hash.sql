-- Whom a link lets in: it names nobody itself.
select way_in.club_id as "clubId", coach.id, coach.name, coach.email, coach.password_hash is null as invited, club.name as club
from way_in
join coach on coach.club_id = way_in.club_id and coach.id = way_in.coach_id
join club on club.id = way_in.club_id
where way_in.hash = $1 and way_in.expires_at > now() and coach.gone_at is null
