update teaching set faults = $2, version = version + 1 where club_id = $1
