-- Whoever comes in by a link has lost what they came in with: their password alone is enough again.
with ended as (delete from passkey where club_id = $1 and coach_id = $2)
update coach set sign_in_by = 'either' where club_id = $1 and id = $2
