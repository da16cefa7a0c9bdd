select coach.name from reader_athlete named join coach on coach.club_id = named.club_id and coach.id = named.coach_id
where named.club_id = $1 and named.athlete_id = $2 and coach.gone_at is null order by lower(coach.name)
