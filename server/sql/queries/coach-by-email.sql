select club_id as "clubId", id, password_hash as "passwordHash" from coach where lower(email) = lower($1) and gone_at is null
