with parts as (delete from tally_part where club_id = $1 and run_id = $2),
     pairs as (delete from tally_pair where club_id = $1 and run_id = $2),
     load as (delete from tally_load where club_id = $1 and run_id = $2),
     exercises as (delete from run_exercise where club_id = $1 and run_id = $2)
delete from tally_clean where club_id = $1 and run_id = $2
