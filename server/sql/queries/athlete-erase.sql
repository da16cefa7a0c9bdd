-- The athlete, and that they were erased.
with film_gone as (delete from film_work where club_id = $1 and athlete_id = $2),
     named as (delete from reader_athlete where club_id = $1 and athlete_id = $2),
     known as (insert into erased (club_id, id) values ($1, $2) on conflict do nothing)
delete from athlete where club_id = $1 and id = $2 and erased_in is null returning id
