-- A version of a pattern is the whole of it: for whom it was written, its stance, rounds, floor. Of earlier ones only name and
-- steps were kept; what else they held then is not known, and stays null.
alter table pattern_version add column body jsonb;
