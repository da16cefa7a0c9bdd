select athlete_id as id from reader_athlete where club_id = $1 and coach_id = $2
