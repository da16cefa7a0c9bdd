delete from sign_in_failure where key = $1 or at < now() - interval '1 day'
