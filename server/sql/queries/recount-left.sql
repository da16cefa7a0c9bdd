-- How many runs stand by earlier rules.
select count(*)::int as runs from run where club_id = $1 and rules < $2
