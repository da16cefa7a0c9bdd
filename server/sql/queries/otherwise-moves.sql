select place, name_then as "nameThen", typed, stands
from read_otherwise
where club_id = $1 and record = 'teaching' and place like 'moves.%'
order by found_at
