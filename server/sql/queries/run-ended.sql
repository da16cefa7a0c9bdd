update run set ended = $3 where club_id = $1 and id = $2
