update run set arrival = $3, rules = $4 where club_id = $1 and id = $2
