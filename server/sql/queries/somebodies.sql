-- Who was erased, as each run has them.
select id, erased_in as run from athlete where club_id = $1 and erased_in is not null order by id
