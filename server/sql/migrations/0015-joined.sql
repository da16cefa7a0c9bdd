-- Who came while a run was on; the others are of its head.
alter table run_athlete add column joined boolean not null default false;
