select coach.club_id as "clubId", coach.id
from coach join club on club.id = coach.club_id
where club.demo
order by coach.created_at, coach.email
limit 1
