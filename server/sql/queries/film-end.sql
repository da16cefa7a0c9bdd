delete from film_work where club_id = $1 and clip = $2 returning clip
