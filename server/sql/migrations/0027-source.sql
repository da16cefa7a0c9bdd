-- Parts say too where it was looked at, and what was done which foot a partner had in front; '' where it is not given. Counted again when asked for.
alter table tally_part
  add column source text not null default '',
  drop constraint tally_part_pkey,
  add primary key (club_id, run_id, athlete_id, fault, exercise, set_no, round_no, third, way, direction, view, source, devices);
alter table run_exercise add column opponent text not null default '';
update run set details_to = null;

-- Of many parts few were watched by several.
create index tally_part_shared on tally_part (club_id, athlete_id, fault) where shared > 0;
