insert into run_athlete (club_id, run_id, athlete_id, place, joined)
select $1, $2, who.athlete_id, 1000 + who.place, true
from unnest($3::uuid[]) with ordinality as who (athlete_id, place)
on conflict do nothing
