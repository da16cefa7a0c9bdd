-- What a coach decided of one fault of an athlete, by which rule, what that said, and why. It stays as it is; a mistake is taken back.
create table decision (
  club_id       uuid not null,
  id            uuid not null,
  athlete_id    uuid not null,
  fault         text not null,
  -- The last evening that was known.
  day           date not null,
  decided       text not null check (decided in ('next', 'stay', 'back')),
  rule          text not null check (rule in ('thumb', 'running')),
  said          text not null check (said in ('next', 'stay', 'back', 'not enough')),
  why           text not null,
  at            timestamptz not null default now(),
  -- Null: it came with a file.
  coach_id      uuid,
  taken_back_at timestamptz,
  primary key (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id) on delete cascade,
  foreign key (club_id, coach_id) references coach (club_id, id)
);
create index decision_athlete on decision (club_id, athlete_id);

-- The map of a group asks for some athletes of some runs: rows of others are not read.
create index tally_run_athlete on tally (club_id, run_id, athlete_id);
drop index tally_run;
