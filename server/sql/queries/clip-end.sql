delete from film_clip where club_id = $1 and clip = $2 returning clip
