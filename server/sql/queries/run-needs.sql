select athlete_id as id from run_athlete where club_id = $1
union select pattern_id from run where club_id = $1 and pattern_id is not null
union select session_id from run where club_id = $1 and session_id is not null
