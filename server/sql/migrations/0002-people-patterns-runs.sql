-- Every row belongs to a club, and the club leads each key.

create table athlete (
  club_id      uuid not null references club (id),
  id           uuid not null,
  version      integer not null default 1,
  name         text not null,
  hand         text not null check (hand in ('left', 'right')),
  lead         text not null check (lead in ('left', 'right', 'none')),
  other_lead   text not null check (other_lead in ('none', 'drill', 'free')),
  -- Measures in metres; null means not measured.
  height       double precision,
  hip          double precision,
  shoulder     double precision,
  leg          double precision,
  foot         double precision,
  sport        text not null,
  school       text not null,
  level        text not null,
  -- An age group, never a birth date.
  age_group    text not null,
  cautions     text[] not null default '{}',
  bias         text[] not null default '{}',
  focus        text[] not null default '{}',
  archived_at  timestamptz,
  updated_at   timestamptz not null default now(),
  primary key (club_id, id)
);

create table pattern (
  club_id       uuid not null references club (id),
  id            uuid not null,
  version       integer not null default 1,
  name          text not null,
  steps         text not null,
  sport         text not null default '',
  school        text not null,
  hand          text not null check (hand in ('left', 'right')),
  lead          text not null check (lead in ('left', 'right', 'none')),
  should_close  boolean not null,
  dose          jsonb,
  archived_at   timestamptz,
  updated_at    timestamptz not null default now(),
  primary key (club_id, id)
);

-- A run keeps its own copy of the plan and the steps: it counts the same whatever becomes of the pattern.
create table run (
  club_id     uuid not null references club (id),
  id          uuid not null,
  version     integer not null default 1,
  name        text not null,
  day         date not null,
  started_at  timestamptz not null,
  pattern_id  uuid,
  steps       text,
  plan        jsonb not null,
  tap_delay   double precision not null,
  primary key (club_id, id),
  foreign key (club_id, pattern_id) references pattern (club_id, id)
);
create index run_recent on run (club_id, started_at desc);

create table run_athlete (
  club_id     uuid not null,
  run_id      uuid not null,
  athlete_id  uuid not null,
  place       integer not null,
  primary key (club_id, run_id, athlete_id),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);

-- The log: append-only; undoing and moving are events too. `body` holds what only some kinds have.
create table run_event (
  club_id     uuid not null,
  run_id      uuid not null,
  id          uuid not null,
  n           integer not null,
  at          double precision not null,
  t           double precision not null,
  kind        text not null,
  athlete_id  uuid,
  fault       text,
  side        text,
  source      text check (source in ('floor', 'film', 'import')),
  clip        double precision,
  body        jsonb not null default '{}',
  primary key (club_id, run_id, id),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);

-- What the log adds up to, per athlete and fault; made again from the log with each upload.
create table tally (
  club_id     uuid not null,
  athlete_id  uuid not null,
  fault       text not null,
  run_id      uuid not null,
  attempts    integer not null,
  faulty      integer not null,
  again       integer not null,
  noted       integer not null,
  left_taps   integer not null,
  right_taps  integer not null,
  primary key (club_id, athlete_id, fault, run_id),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);
create index tally_run on tally (club_id, run_id);

create table praise (
  club_id     uuid not null,
  athlete_id  uuid not null,
  run_id      uuid not null,
  times       integer not null,
  primary key (club_id, athlete_id, run_id),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);
