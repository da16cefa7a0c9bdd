delete from sign_in_session where sess -> 'coach' ->> 'clubId' = $1
