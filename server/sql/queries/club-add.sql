insert into club (id, name, demo) values ($1, $2, $3)
