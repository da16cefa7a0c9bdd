-- In one run an athlete becomes somebody: among who was there, in the log, in what it came to. What was noted of them goes, and what they said of how it was for them.
with there as (update run_athlete set athlete_id = $4 where club_id = $1 and run_id = $2 and athlete_id = $3),
     noted as (
       update run_event
       set id = null, athlete_id = null, refused = 'erased', body = jsonb_build_object('device', device, 'seq', seq)
       where club_id = $1 and run_id = $2 and (
         (athlete_id = $3 and body ->> 'kind' in ('note', 'effort', 'pain', 'felt')) or (refused is not null and position($3::uuid::text in body::text) > 0)
       )
     ),
     named as (
       update run_event
       set athlete_id = $4, body = jsonb_set(body, '{athlete}', to_jsonb($4::uuid::text))
       where club_id = $1 and run_id = $2 and athlete_id = $3 and refused is null and body ->> 'kind' not in ('note', 'effort', 'pain', 'felt')
     ),
     counted as (update tally set athlete_id = $4 where club_id = $1 and run_id = $2 and athlete_id = $3),
     before as (update tally_before set athlete_id = $4 where club_id = $1 and run_id = $2 and athlete_id = $3),
     praised as (update praise set athlete_id = $4 where club_id = $1 and run_id = $2 and athlete_id = $3)
update run set arrival = arrival + 1, details_to = null where club_id = $1 and id = $2
