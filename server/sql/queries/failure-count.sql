select key, count(*)::int as failures
from sign_in_failure
where key = any ($1) and at > now() - interval '15 minutes'
group by key
