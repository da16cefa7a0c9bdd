select coach.id, coach.name, coach.email, coach.role, coach.gone_at is not null as gone, coach.password_hash is null as waits,
       array(select ra.athlete_id from reader_athlete ra where ra.club_id = coach.club_id and ra.coach_id = coach.id order by ra.athlete_id) as athletes
from coach
where coach.club_id = $1
order by coach.gone_at is not null, coach.name, coach.id
