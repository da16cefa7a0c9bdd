-- A club's own moves: names for lines of others.
alter table teaching add column moves jsonb not null default '[]';
