-- Which of these a run has, by device and number or by id; what was erased of it is there all the same.
select e.device, e.seq, e.id, e.body, coalesce(e.refused = 'erased', false) as erased
from unnest($3::text[], $4::integer[]) as sent (device, seq)
join run_event e on e.club_id = $1 and e.run_id = $2 and e.device = sent.device and e.seq = sent.seq
union all
select e.device, e.seq, e.id, e.body, false as erased
from run_event e
where e.club_id = $1 and e.run_id = $2 and e.id = any($5::uuid[])
