-- How many runs each of these days has, those named apart.
select day::text as day, count(*)::int as runs
from run
where club_id = $1 and day = any($2::date[]) and not id = any($3::uuid[])
group by day
