-- What a run added up to by earlier rules, the latest recount first.
select athlete_id as athlete, fault, attempts, faulty, again, noted, left_taps as "left", right_taps as "right", rules, until_at as until
from tally_before
where club_id = $1 and run_id = $2
order by until_at desc, athlete_id, fault
