select id, name from club where id = $1
