insert into film_piece (club_id, clip, n, body) values ($1, $2, $3, $4)
on conflict (club_id, clip, n) do update set body = excluded.body
returning n
