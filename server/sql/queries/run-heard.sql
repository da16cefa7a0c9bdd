update run set heard_at = now(), ahead = greatest(ahead, $3 - extract(epoch from clock_timestamp()) * 1000) where club_id = $1 and id = $2
