delete from look where club_id = $1 and last_at < now() - make_interval(months => $2)
