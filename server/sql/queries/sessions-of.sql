-- Where somebody is signed in.
select sid, sess ->> 'began' as began, sess ->> 'device' as device, expire at time zone 'utc' as expires
from sign_in_session
where sess -> 'coach' ->> 'clubId' = $1 and sess -> 'coach' ->> 'id' = $2 and expire > now()
order by sess ->> 'began' desc
