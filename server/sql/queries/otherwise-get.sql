select id, record, record_id as "recordId", place, name_then as "nameThen", typed, was, stands, language, engine
from read_otherwise
where club_id = $1 and id = $2 and now is null
for update
