-- Of pieces that come together the last one sees all others.
select clip from film_clip where club_id = $1 and clip = $2 for update
