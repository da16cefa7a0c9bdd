with gone as (delete from praise where club_id = $1 and run_id = $2)
delete from tally where club_id = $1 and run_id = $2
