insert into run (club_id, id, name, day, started_at, pattern_id, steps, plan, tap_delay, session_id, views, faults, merged)
values ($1, $2, $3, $4, $5, (select id from pattern where club_id = $1 and id = $6), $7, $8, $9,
        (select id from session where club_id = $1 and id = $10), $11, $12, $13)
on conflict (club_id, id) do nothing
returning id
