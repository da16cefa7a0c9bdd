select name, demo from club where id = $1
