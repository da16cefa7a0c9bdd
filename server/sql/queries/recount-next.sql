-- The next runs that stand by earlier rules, or count other faults as others than the club does, in the order of their ids.
select id, name, day::text as day, rules
from run
where club_id = $1 and (rules < $2 or merged_otherwise(club_id, id, merged, $5)) and ($3::uuid is null or id > $3)
order by id
limit $4
