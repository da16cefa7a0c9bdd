select distinct run_id as id from earlier_event where club_id = $1
