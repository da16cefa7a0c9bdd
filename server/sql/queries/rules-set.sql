insert into people_rules (club_id, runs, left_behind, looks, agreement, hall, hall_under16, clips)
select $1, $3, $4, $5, $6, coalesce($7, 'first'), coalesce($8, false), coalesce($9, 0)
where $2 = 0
on conflict (club_id) do nothing
returning version, runs, left_behind as "left", looks, agreement, hall, hall_under16 as "hallUnder16", clips
