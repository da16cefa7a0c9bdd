-- What was decided of these faults, of everybody or of those named, and stands; the latest first, so many.
select decision.id, decision.athlete_id as "athleteId", decision.fault, decision.day::text as day, decision.decided, decision.rule, decision.said,
       decision.why, decision.at, coach.name as who, false as "takenBack"
from decision
join athlete on athlete.club_id = decision.club_id and athlete.id = decision.athlete_id and athlete.archived_at is null
left join coach on coach.club_id = decision.club_id and coach.id = decision.coach_id
where decision.club_id = $1 and decision.fault = any($2::text[]) and decision.taken_back_at is null
  and ($3::uuid[] is null or decision.athlete_id = any($3::uuid[]))
order by decision.at desc, decision.id
limit $4
