-- How far a device's events are there without a gap.
select coalesce(max(seq), 0)::int as stored
from (select seq, row_number() over (order by seq) as place from run_event where club_id = $1 and run_id = $2 and device = $3) as numbered
where seq = place
