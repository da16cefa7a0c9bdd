-- What an athlete takes for moves, as far as it was measured: seconds by kind, and where each is from.
alter table athlete add column tempo jsonb not null default '{}';
