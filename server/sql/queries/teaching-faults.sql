-- A club's own faults, and those of the catalogue that it has otherwise.
select faults from teaching where club_id = $1
