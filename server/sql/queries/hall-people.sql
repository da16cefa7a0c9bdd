-- Who is in a run, in their order, and of which age.
select ra.athlete_id as id, a.name, a.age_group as "ageGroup"
from run_athlete ra
join athlete a on a.club_id = ra.club_id and a.id = ra.athlete_id
where ra.club_id = $1 and ra.run_id = $2 and a.erased_in is null
order by ra.place
