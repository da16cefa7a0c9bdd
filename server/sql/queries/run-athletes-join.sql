-- Behind those who are in it already; the run is held meanwhile.
insert into run_athlete (club_id, run_id, athlete_id, place, joined)
select $1, $2, who.athlete_id, who.place + (select coalesce(max(ra.place), 0) from run_athlete ra where ra.club_id = $1 and ra.run_id = $2), true
from unnest($3::uuid[]) with ordinality as who (athlete_id, place)
on conflict do nothing
