insert into coach (club_id, id, name, email, password_hash) values ($1, $2, $3, $4, $5)
