select id, updated_at as "savedAt"
from pattern
where club_id = $1
order by lower(name), id
