-- Taken back twice it is taken back when it was first.
update decision set taken_back_at = coalesce(taken_back_at, now()) where club_id = $1 and athlete_id = $2 and id = $3 returning id
