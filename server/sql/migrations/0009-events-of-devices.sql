-- Each device numbers its own events; a run numbers what arrives. What SQL does not read is one document, never split and joined.

alter table run_event rename to earlier_event;
alter table earlier_event rename constraint run_event_pkey to earlier_event_pkey;

alter table run
  add column arrival integer not null default 0,
  -- The latest moment of the run that its log speaks of, milliseconds: when it ended, as far as is known.
  add column latest_m double precision not null default 0,
  -- The rules by which it was counted last: 1 up to now.
  add column rules integer not null default 1;

create table run_event (
  club_id     uuid not null,
  run_id      uuid not null,
  device      text not null,
  seq         integer not null,
  -- In the order of commits: given while the run's row is held.
  arrival     integer not null,
  id          uuid,
  athlete_id  uuid,
  -- Why it is kept but not counted; then `body` is as it came.
  refused     text,
  -- Who sent it, and when; null: from a file or an earlier version.
  coach_id    uuid,
  arrived_at  timestamptz not null default now(),
  body        jsonb not null,
  primary key (club_id, run_id, device, seq),
  check ((id is null) = (refused is not null)),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);
create unique index run_event_arrival on run_event (club_id, run_id, arrival);
create unique index run_event_id on run_event (club_id, run_id, id);

-- How far a device's events are stored without a gap, and the highest of them.
create table run_device (
  club_id  uuid not null,
  run_id   uuid not null,
  device   text not null,
  stored   integer not null,
  highest  integer not null,
  primary key (club_id, run_id, device),
  foreign key (club_id, run_id) references run (club_id, id)
);

create index praise_run on praise (club_id, run_id);
