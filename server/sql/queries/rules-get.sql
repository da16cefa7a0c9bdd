select version, runs, left_behind as "left", looks, agreement, hall, hall_under16 as "hallUnder16", clips from people_rules where club_id = $1
