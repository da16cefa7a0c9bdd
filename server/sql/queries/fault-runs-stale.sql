-- The latest runs of these years in which one of these faults was watched, of everybody or of those named, whose parts are not counted up to
-- now by today's rules, and how many there are.
select run.id, (count(*) over ())::int as stale
from run
where run.club_id = $1 and run.started_at >= now() - make_interval(years => $6)
  and (run.details_to is distinct from run.arrival or run.details_rules is distinct from $2)
  and exists (
    select from tally
    where tally.club_id = $1 and tally.run_id = run.id and tally.fault = any($4::text[]) and tally.attempts > 0
      and ($5::uuid[] is null or tally.athlete_id = any($5::uuid[])))
order by run.started_at desc, run.id
limit $3
