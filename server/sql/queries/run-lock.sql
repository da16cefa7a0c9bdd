-- Holds a run; says how many events it has, and a name for the faults it counts as others.
select arrival, coalesce(md5(merged::text), '') as merged from run where club_id = $1 and id = $2 for update
