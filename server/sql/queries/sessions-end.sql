-- Everywhere else that somebody is signed in ends; without a session of their own here, everywhere.
delete from sign_in_session where sess -> 'coach' ->> 'id' = $1 and sid is distinct from $2
