-- Holds a run; says how many events it has, and by which rules it stands.
select arrival, rules from run where club_id = $1 and id = $2 for update
