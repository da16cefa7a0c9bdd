select arrival from run where club_id = $1 and id = $2 for update
