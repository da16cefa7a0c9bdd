insert into erased (club_id, id) values ($1, $2) on conflict do nothing
