-- Of what several watched alike, in the runs whose parts are counted: by fault of an athlete how much, and in how much they disagree.
select fault, sum(shared)::int as shared, sum(disagree)::int as disagree
from tally_part
where club_id = $1 and athlete_id = $2 and shared > 0
group by fault
order by fault
