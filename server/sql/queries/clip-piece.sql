select body from film_piece where club_id = $1 and clip = $2 and n = $3
