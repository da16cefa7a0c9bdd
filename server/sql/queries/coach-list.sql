select id, name, email from coach where club_id = $1 order by name, id
