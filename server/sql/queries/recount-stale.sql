-- A run, where it stands by earlier rules, or counts other faults as others than its club does.
select id from run where club_id = $1 and id = $2 and (rules < $3 or merged_otherwise(club_id, id, merged, $4))
