update read_otherwise
set now = $3, settled_at = now(), settled_by = $4
where club_id = $1 and id = $2
