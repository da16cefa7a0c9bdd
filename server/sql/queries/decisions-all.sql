-- Decisions of everybody who is given out with the club's file: `athletes` has them.
select id, athlete_id as athlete, fault, day::text as day, decided, rule, said, why, at, taken_back_at as "takenBackAt"
from decision
where club_id = $1 and athlete_id = any($2::uuid[])
order by at, id
