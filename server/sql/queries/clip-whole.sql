-- With its last piece it is whole.
update film_clip set whole_at = now()
where club_id = $1 and clip = $2 and whole_at is null
  and (select sum(length(body)) from film_piece where club_id = $1 and clip = $2) = bytes
returning clip
