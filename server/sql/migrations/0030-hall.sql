-- By which code a hall screen finds a run: a hash of it, one a run; it ends with the run.
create table run_code (
  club_id  uuid not null,
  run_id   uuid not null,
  hash     text not null unique,
  made_at  timestamptz not null default now(),
  primary key (club_id, run_id),
  foreign key (club_id, run_id) references run (club_id, id)
);

-- How people are called on a hall screen, and whether those under 16 are called so too.
alter table people_rules
  add column hall text not null default 'first' check (hall in ('first', 'initial', 'number')),
  add column hall_under16 boolean not null default false;
