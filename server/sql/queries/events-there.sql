select id
from run_event
where club_id = $1 and run_id = $2 and id = any($3::uuid[])
