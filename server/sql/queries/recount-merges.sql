-- A run counts those faults as others that its club does, of those that it has. Before its tallies are written anew.
update run
set merged = (
  select jsonb_object_agg(code, into_code)
  from jsonb_each_text($3::jsonb) as held (code, into_code)
  where coalesce(run.merged ? code, false)
     or exists (select from tally where tally.club_id = $1 and tally.run_id = $2 and tally.fault = code)
)
where club_id = $1 and id = $2
