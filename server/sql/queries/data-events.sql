-- What a run's log says of an athlete, and of nobody else.
select body from run_event where club_id = $1 and run_id = $2 and athlete_id = $3 and refused is null order by arrival
