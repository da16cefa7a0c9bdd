select sign_in_by as by, email from coach where club_id = $1 and id = $2
