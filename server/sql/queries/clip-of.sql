-- How far a clip has come.
select film_clip.bytes::float8 as bytes, film_clip.type, film_clip.whole_at is not null as whole,
       (select coalesce(array_agg(n order by n), '{}') from film_piece where film_piece.club_id = $1 and film_piece.clip = $2) as has
from film_clip where club_id = $1 and clip = $2
