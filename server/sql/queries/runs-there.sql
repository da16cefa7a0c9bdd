-- Which of these runs there are.
select id from run where club_id = $1 and id = any($2::uuid[])
