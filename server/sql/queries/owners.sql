select id from coach where club_id = $1 and role = 'owner' and gone_at is null and password_hash is not null
