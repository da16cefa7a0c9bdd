-- What was marked in film that is older than the club keeps its runs.
delete from film_work where club_id = $1 and coalesce(day, kept_at::date) < (now() - make_interval(months => $2))::date
