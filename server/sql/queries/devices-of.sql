select device, stored, highest from run_device where club_id = $1 and run_id = $2 and device = any($3)
