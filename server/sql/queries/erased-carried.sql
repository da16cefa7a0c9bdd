-- What a restore put aside for a club, taken over.
with carried as (delete from erased_carried where club_id = $1 returning id, at)
insert into erased (club_id, id, at) select $1, id, at from carried on conflict do nothing
