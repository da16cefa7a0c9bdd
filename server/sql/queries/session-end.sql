delete from sign_in_session where sess -> 'coach' ->> 'id' = $1 and sid = $2
