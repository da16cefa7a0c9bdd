select coach.id, coach.name, coach.units, coach.tap_delay as "tapDelay", coach.views, coach.role, coach.seal_public as "sealTo",
       club.id as "clubId", club.name as "clubName", club.demo
from coach join club on club.id = coach.club_id
where coach.club_id = $1 and coach.id = $2
