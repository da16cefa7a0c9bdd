select id, updated_at as "savedAt"
from athlete
where club_id = $1
order by lower(name), id
