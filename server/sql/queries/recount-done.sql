-- A run stands by these rules; its parts are counted when they are asked for.
update run set rules = $3, details_to = null where club_id = $1 and id = $2
