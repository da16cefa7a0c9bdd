select club_id as "clubId", id, password_hash as "passwordHash", sign_in_by as by from coach where lower(email) = lower($1) and gone_at is null
