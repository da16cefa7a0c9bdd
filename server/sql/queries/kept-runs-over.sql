-- Runs that are older than the club keeps them, some at a time.
select run.id from run
where run.club_id = $1 and run.day < (now() - make_interval(months => $2))::date and (run.ended or run.heard_at < now() - interval '1 day')
order by run.id limit 200
