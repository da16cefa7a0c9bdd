-- How many runs stand by earlier rules, and how many more count other faults as others than the club does.
select (count(*) filter (where rules < $2))::int as earlier, (count(*) filter (where rules >= $2))::int as merged
from run
where club_id = $1 and (rules < $2 or merged_otherwise(club_id, id, merged, $3))
