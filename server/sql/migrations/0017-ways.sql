-- Parts say too which way round the line was done and where it led; '' where a run does not hold that. They are counted again when asked for.
alter table tally_part
  add column way text not null default '',
  add column direction text not null default '',
  drop constraint tally_part_pkey,
  add primary key (club_id, run_id, athlete_id, fault, exercise, set_no, round_no, third, way, direction, view, devices);
update run set details_to = null;

-- What each exercise of a run was, written with its parts; '' and null: not given.
create table run_exercise (
  club_id     uuid not null,
  run_id      uuid not null,
  exercise    integer not null,
  -- The stage it was planned as.
  stage       text not null,
  name        text not null,
  kind        text not null,
  cueing      text not null,
  implement   text not null,
  tempo       double precision,
  primary key (club_id, run_id, exercise),
  foreign key (club_id, run_id) references run (club_id, id)
);
alter table tally_clean drop column stage;
