update run set arrival = $3, rules = $4, latest_m = greatest(latest_m, $5) where club_id = $1 and id = $2
