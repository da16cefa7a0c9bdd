-- Seconds until there is a turn again.
select greatest(1, ceil((taken + 1 - $2::float8) * $3::float8 - extract(epoch from now() - at)::float8))::int as seconds
from turn
where key = $1
