select id, updated_at as "savedAt"
from session
where club_id = $1
order by lower(name), id
