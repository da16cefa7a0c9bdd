select clip from film_work where club_id = $1 and (athlete_id is null or athlete_id = any ($2)) order by kept_at, clip
