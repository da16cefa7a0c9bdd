-- How far each of these devices' events are there without a gap; one that lacks its first is not among them.
select device, max(seq)::int as stored
from (select device, seq, row_number() over (partition by device order by seq) as place
      from run_event where club_id = $1 and run_id = $2 and device = any($3)) as numbered
where seq = place
group by device
