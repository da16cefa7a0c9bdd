-- Which of these were erased, or stand in a run for somebody who was.
select id from erased where club_id = $1 and id = any ($2)
union
select id from athlete where club_id = $1 and erased_in = $3 and id = any ($2)
