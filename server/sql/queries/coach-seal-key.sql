select seal_private as key from coach where club_id = $1 and id = $2 and seal_private is not null
