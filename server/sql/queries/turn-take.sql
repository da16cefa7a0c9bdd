-- Takes a turn where there is one: at most $2 at once, and one more each $3 seconds. No row: none is left.
insert into turn as t (key, taken, at)
values ($1, 1, now())
on conflict (key) do update
set taken = greatest(0, t.taken - extract(epoch from now() - t.at)::float8 / $3::float8) + 1, at = now()
where greatest(0, t.taken - extract(epoch from now() - t.at)::float8 / $3::float8) + 1 <= $2::float8
returning taken
