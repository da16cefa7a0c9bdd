select version, runs, left_behind as "left", looks, agreement from people_rules where club_id = $1
