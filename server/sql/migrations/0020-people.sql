-- Whoever was erased stands in each run under an id of that run's own: a row without anything else.
alter table athlete
  add column erased_in uuid,
  -- The day on which a guardian agreed.
  add column agreed date;

-- Who was erased: acts on what comes back from elsewhere.
create table erased (
  club_id   uuid not null references club (id),
  id        uuid not null,
  at        timestamptz not null default now(),
  primary key (club_id, id)
);

-- Put here by a restore, from the database that it replaced.
create table if not exists erased_carried (
  club_id  uuid not null,
  id       uuid not null,
  at       timestamptz not null,
  primary key (club_id, id)
);

-- Who looked at whom, changed, gave out, erased whom.
create table look (
  club_id     uuid not null references club (id),
  id          bigint generated always as identity,
  at          timestamptz not null default now(),
  -- The same within an hour is one.
  last_at     timestamptz not null default now(),
  times       integer not null default 1,
  -- Null: the club's own rules.
  coach_id    uuid,
  what        text not null check (what in ('looked', 'run', 'changed', 'given-out', 'erased', 'club-out', 'club-in', 'rules')),
  -- No reference: it outlives whom it is about.
  athlete_id  uuid,
  run_id      uuid,
  primary key (club_id, id),
  foreign key (club_id, coach_id) references coach (club_id, id)
);
create index look_recent on look (club_id, last_at desc, id desc);
create index look_athlete on look (club_id, athlete_id);

-- How long what is kept; months, null: until somebody takes it away.
create table people_rules (
  club_id      uuid primary key references club (id),
  version      integer not null default 1,
  runs         integer check (runs between 1 and 600),
  left_behind  integer check (left_behind between 1 and 600),
  looks        integer not null default 24 check (looks between 1 and 600),
  -- From whom a guardian's agreement is needed to keep anything at all.
  agreement    text not null default 'none' check (agreement in ('none', 'under-16', 'under-18'))
);
