-- Athletes put away for longer than the club keeps them.
select id from athlete where club_id = $1 and erased_in is null and archived_at < now() - make_interval(months => $2)
