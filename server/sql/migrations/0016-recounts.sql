-- What a run added up to by the rules of its day, before the club had it counted anew.
create table tally_before (
  club_id     uuid not null,
  run_id      uuid not null,
  athlete_id  uuid not null,
  fault       text not null,
  -- The rules by which it had been counted.
  rules       integer not null,
  attempts    integer not null,
  faulty      integer not null,
  again       integer not null,
  noted       integer not null,
  left_taps   integer not null,
  right_taps  integer not null,
  -- When it was counted anew, and who had it done.
  until_at    timestamptz not null default now(),
  coach_id    uuid not null,
  primary key (club_id, run_id, rules, athlete_id, fault),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id),
  foreign key (club_id, coach_id) references coach (club_id, id)
);
