select arrival, (ahead + extract(epoch from clock_timestamp()) * 1000)::float8 as now
from run
where club_id = $1 and id = $2
