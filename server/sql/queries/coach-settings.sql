update coach set units = $3, tap_delay = $4, views = $5 where club_id = $1 and id = $2
