-- Whoever is signed in, as the club has them now; none: they were taken out.
select role from coach where club_id = $1 and id = $2 and gone_at is null
