-- A run with all that belongs to it.
with run_athlete_gone as (delete from run_athlete where club_id = $1 and run_id = $2),
     run_event_gone as (delete from run_event where club_id = $1 and run_id = $2),
     run_device_gone as (delete from run_device where club_id = $1 and run_id = $2),
     run_code_gone as (delete from run_code where club_id = $1 and run_id = $2),
     run_exercise_gone as (delete from run_exercise where club_id = $1 and run_id = $2),
     tally_gone as (delete from tally where club_id = $1 and run_id = $2),
     tally_part_gone as (delete from tally_part where club_id = $1 and run_id = $2),
     tally_pair_gone as (delete from tally_pair where club_id = $1 and run_id = $2),
     tally_clean_gone as (delete from tally_clean where club_id = $1 and run_id = $2),
     tally_load_gone as (delete from tally_load where club_id = $1 and run_id = $2),
     tally_before_gone as (delete from tally_before where club_id = $1 and run_id = $2),
     praise_gone as (delete from praise where club_id = $1 and run_id = $2),
     somebody_gone as (delete from athlete where club_id = $1 and erased_in = $2)
delete from run where club_id = $1 and id = $2
