-- Progressions and sessions: stages with their own copy of the lines they were planned with, as one document.

create table progression (
  club_id      uuid not null references club (id),
  id           uuid not null,
  version      integer not null default 1,
  name         text not null,
  template     boolean not null,
  -- Stages, settings, athletes and what differs for each of them: read and written as a whole, checked by the contract.
  body         jsonb not null,
  archived_at  timestamptz,
  updated_at   timestamptz not null default now(),
  primary key (club_id, id)
);

-- Every save, so that it can be compared and brought back.
create table progression_version (
  club_id         uuid not null,
  progression_id  uuid not null,
  version         integer not null,
  body            jsonb not null,
  saved_at        timestamptz not null default now(),
  primary key (club_id, progression_id, version),
  foreign key (club_id, progression_id) references progression (club_id, id) deferrable initially deferred
);

alter table run
  add column progression_id uuid,
  add foreign key (club_id, progression_id) references progression (club_id, id);
create index run_of_progression on run (club_id, progression_id, started_at desc) where progression_id is not null;

-- A club's own decisions for scenario calls.
alter table teaching add column playbooks jsonb not null default '[]';
