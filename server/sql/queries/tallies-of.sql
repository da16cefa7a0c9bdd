select athlete_id as athlete, fault, attempts, faulty, again, noted, left_taps as "left", right_taps as "right"
from tally
where club_id = $1 and run_id = $2
order by athlete_id, fault
