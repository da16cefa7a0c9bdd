select coach.club_id as "clubId", coach.id
from coach join club on club.id = coach.club_id
where club.demo and coach.gone_at is null
order by coach.role = 'owner' desc, coach.created_at, coach.email
limit 1
