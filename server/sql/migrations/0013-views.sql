-- From where faults show, by code, where a club or a coach says otherwise than the catalogue, and what held when a run began (null: not
-- said then, the catalogue's own).
alter table teaching add column views jsonb not null default '{}';
alter table coach add column views jsonb not null default '{}';
alter table run add column views jsonb;
