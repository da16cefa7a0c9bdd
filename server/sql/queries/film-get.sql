select clip, name, work, version from film_work where club_id = $1 and clip = $2
