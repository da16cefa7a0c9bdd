update passkey set counter = $4, used = now() where club_id = $1 and coach_id = $2 and id = $3
