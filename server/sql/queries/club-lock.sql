-- Two first coaches at the same moment: the second waits here and then finds the club.
select pg_advisory_xact_lock(7001)
