-- What an athlete's runs say of each pair of faults, each run a table of its own: sums, by how many occasions both showed more often than
-- chance would have it, and the variance of that (Cochran, Mantel and Haenszel; as `pairSums` of core/evidence does).
with told as (
  select
    fault, other, both_n, one_n, other_n, neither_n,
    (both_n + one_n)::float8 as first_n, (both_n + other_n)::float8 as second_n, (both_n + one_n + other_n + neither_n)::float8 as n
  from tally_pair
  where club_id = $1 and athlete_id = $2
)
select
  fault, other, count(*)::int as runs,
  sum(both_n)::int as both, sum(one_n)::int as one, sum(other_n)::int as second, sum(neither_n)::int as neither,
  coalesce(sum(both_n - first_n * second_n / n) filter (where n > 1), 0) as excess,
  coalesce(sum(first_n * second_n * (n - first_n) * (n - second_n) / (n * n * (n - 1))) filter (where n > 1), 0) as variance
from told
group by fault, other
order by fault, other
