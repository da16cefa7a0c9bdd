insert into read_otherwise (club_id, record, record_id, place, name_then, typed, was, stands, language, engine)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
