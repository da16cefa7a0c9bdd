-- What a run adds up to part by part: written when it is asked for, by which rules and up to which arrival says the run.
alter table run
  add column details_to integer,
  add column details_rules integer;

-- Attempts and taps of one fault of one athlete; 0, '' and {} where a run does not hold that: not given.
create table tally_part (
  club_id     uuid not null,
  run_id      uuid not null,
  athlete_id  uuid not null,
  fault       text not null,
  exercise    integer not null,
  set_no      integer not null,
  round_no    integer not null,
  -- Third of the round's time.
  third       integer not null,
  view        text not null,
  -- Those that watched; the coach of each stands in the run's events.
  devices     text[] not null,
  attempts    integer not null,
  faulty      integer not null,
  again       integer not null,
  noted       integer not null,
  left_taps   integer not null,
  right_taps  integer not null,
  -- Attempts that several devices watched alike, and in how many of them not all tapped the fault.
  shared      integer not null,
  disagree    integer not null,
  primary key (club_id, run_id, athlete_id, fault, exercise, set_no, round_no, third, view, devices),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);

-- Two faults that were looked for in the same occasions.
create table tally_pair (
  club_id     uuid not null,
  run_id      uuid not null,
  athlete_id  uuid not null,
  fault       text not null,
  other       text not null,
  both_n      integer not null,
  one_n       integer not null,
  other_n     integer not null,
  neither_n   integer not null,
  primary key (club_id, run_id, athlete_id, fault, other),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);

-- Occasions that were watched whole, clean or not (result ''), and where the ball went in them.
create table tally_clean (
  club_id     uuid not null,
  run_id      uuid not null,
  athlete_id  uuid not null,
  exercise    integer not null,
  result      text not null,
  -- Of the session that was run.
  stage       text,
  clean       integer not null,
  faulty      integer not null,
  unwatched   integer not null,
  primary key (club_id, athlete_id, run_id, exercise, result),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);
create index tally_clean_run on tally_clean (club_id, run_id);
