select numbers from teaching where club_id = $1
