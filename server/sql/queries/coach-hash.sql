select password_hash as "passwordHash" from coach where club_id = $1 and id = $2
