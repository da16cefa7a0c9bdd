select id
from run
where club_id = $1
order by started_at, id
