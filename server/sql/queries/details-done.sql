update run set details_to = arrival, details_rules = $3 where club_id = $1 and id = $2
