-- The same, and nobody else changes it until the transaction is done.
select faults from teaching where club_id = $1 for update
