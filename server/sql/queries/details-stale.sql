-- Those of these runs whose parts are not counted, or not up to now, or by other rules.
select id
from run
where club_id = $1 and id = any($2::uuid[]) and (details_to is distinct from arrival or details_rules is distinct from $3)
order by started_at
