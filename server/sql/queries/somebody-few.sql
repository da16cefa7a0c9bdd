-- In a run of few nothing is kept that was seen of somebody: taps, whatever corrects them, totals; nobody was watched then.
with gone as (
       select e.id
       from run_event e
       where e.club_id = $1 and e.run_id = $2 and e.refused is null and (
         (e.athlete_id = $3 and e.body ->> 'kind' in ('fault', 'right', 'result', 'attempt', 'freeze', 'told'))
         or e.id::text in (
           select a.body ->> 'target'
           from run_event a
           where a.club_id = $1 and a.run_id = $2 and a.athlete_id = $3 and a.body ->> 'kind' = 'assign'
         )
       )
     ),
     blank as (
       update run_event
       set id = null, athlete_id = null, refused = 'erased', body = jsonb_build_object('device', device, 'seq', seq)
       where club_id = $1 and run_id = $2 and (
         id in (select gone.id from gone)
         or (body ->> 'kind' in ('undo', 'move', 'assign', 'correct') and body ->> 'target' in (select gone.id::text from gone))
       )
     ),
     watched as (
       update run_event
       set athlete_id = null, body = jsonb_set(body, '{athlete}', 'null')
       where club_id = $1 and run_id = $2 and athlete_id = $3 and refused is null and body ->> 'kind' = 'watch'
     ),
     tally_gone as (delete from tally where club_id = $1 and run_id = $2 and athlete_id = $3),
     tally_before_gone as (delete from tally_before where club_id = $1 and run_id = $2 and athlete_id = $3)
delete from praise where club_id = $1 and run_id = $2 and athlete_id = $3
