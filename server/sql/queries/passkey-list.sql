select id, name, at, credential, transports, since, used from passkey where club_id = $1 and coach_id = $2 order by since, id
