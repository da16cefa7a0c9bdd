-- For whoever sits at the machine: an owner by their address, or who has owned a club here for longest.
select coach.club_id as "clubId", coach.id, coach.name
from coach
where coach.role = 'owner' and coach.gone_at is null and ($1 = '' or lower(coach.email) = lower($1))
order by coach.created_at, coach.id
limit 1
