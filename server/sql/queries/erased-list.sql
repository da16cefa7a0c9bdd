select id from erased where club_id = $1 order by at, id
