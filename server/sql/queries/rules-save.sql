update people_rules
set version = version + 1, runs = $3, left_behind = $4, looks = $5, agreement = $6, hall = coalesce($7, hall), hall_under16 = coalesce($8, hall_under16),
    clips = coalesce($9, clips)
where club_id = $1 and version = $2
returning version, runs, left_behind as "left", looks, agreement, hall, hall_under16 as "hallUnder16", clips
