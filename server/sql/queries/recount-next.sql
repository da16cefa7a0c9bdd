-- The next runs that stand by earlier rules, in the order of their ids.
select id, name, day::text as day, rules
from run
where club_id = $1 and rules < $2 and ($3::uuid is null or id > $3)
order by id
limit $4
