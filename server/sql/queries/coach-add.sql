insert into coach (club_id, id, name, email, password_hash, role) values ($1, $2, $3, $4, $5, $6)
