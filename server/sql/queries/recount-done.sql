update run set rules = $3 where club_id = $1 and id = $2
