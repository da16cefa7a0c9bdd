-- A clip begins to come, or goes on; beyond so many bytes of all of them none is taken.
insert into film_clip (club_id, clip, bytes, type, coach_id)
select $1, $2, $3::bigint, $4, $5
where (select coalesce(sum(bytes), 0) from film_clip where club_id = $1 and clip <> $2) + $3::bigint <= $6::bigint
on conflict (club_id, clip) do update set type = excluded.type where film_clip.bytes = excluded.bytes
returning clip
