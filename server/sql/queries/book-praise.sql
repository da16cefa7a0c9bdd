select coalesce(sum(times), 0)::int as times from praise where club_id = $1 and athlete_id = $2
