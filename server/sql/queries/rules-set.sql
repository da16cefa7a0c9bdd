insert into people_rules (club_id, runs, left_behind, looks, agreement)
select $1, $3, $4, $5, $6
where $2 = 0
on conflict (club_id) do nothing
returning version, runs, left_behind as "left", looks, agreement
