insert into read_otherwise (club_id, record, record_id, place, name_then, typed, was, stands, language, engine)
select $1, $2, $3, place, "nameThen", typed, was, stands, $5, $6
from jsonb_to_recordset($4::jsonb) as found (place text, "nameThen" text, typed text, was text, stands text)
