-- The days of runs.
select id, day::text as day from run where club_id = $1 and id = any($2::uuid[])
