-- What an athlete did in a run by its plan and its clock, watched or not; written with the parts. No row: not known.
create table tally_load (
  club_id     uuid not null,
  run_id      uuid not null,
  athlete_id  uuid not null,
  lines       integer not null,
  landings    integer not null,
  lunges      integer not null,
  -- Lines of which an earlier program kept neither landings nor lunges.
  not_kept    integer not null,
  primary key (club_id, athlete_id, run_id),
  foreign key (club_id, run_id) references run (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);
create index tally_load_run on tally_load (club_id, run_id);
-- How hard it was, as was said: few among many events.
create index run_event_effort on run_event (club_id, athlete_id, run_id) where body ->> 'kind' = 'effort';
