-- What was decided of an athlete, the latest first.
select decision.id, decision.fault, decision.day::text as day, decision.decided, decision.rule, decision.said, decision.why, decision.at,
       coach.name as who, decision.taken_back_at is not null as "takenBack"
from decision left join coach on coach.club_id = decision.club_id and coach.id = decision.coach_id
where decision.club_id = $1 and decision.athlete_id = $2
order by decision.at desc, decision.id
