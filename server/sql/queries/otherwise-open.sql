select id, record, record_id as "recordId", place, name_then as "nameThen", typed, was, stands, language, engine
from read_otherwise
where club_id = $1 and now is null
order by found_at, record, record_id, place
limit 500
