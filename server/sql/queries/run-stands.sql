-- Holds a run while it is counted anew; says by which rules it stands.
select arrival, rules from run where club_id = $1 and id = $2 for update
