select plan, tap_delay as "tapDelay" from run where club_id = $1 and id = $2
