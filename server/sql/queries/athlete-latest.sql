select id, updated_at as "savedAt"
from athlete
where club_id = $1 and erased_in is null
order by lower(name), id
