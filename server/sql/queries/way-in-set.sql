insert into way_in (club_id, coach_id, hash, expires_at) values ($1, $2, $3, now() + interval '2 days')
on conflict (club_id, coach_id) do update set hash = excluded.hash, expires_at = excluded.expires_at
returning expires_at as until
