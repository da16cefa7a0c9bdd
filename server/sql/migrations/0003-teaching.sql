-- What a club teaches where schools differ, its own stances, and how patterns and athletes depart from them.

create table teaching (
  club_id  uuid primary key references club (id),
  version  integer not null default 1,
  choices  jsonb not null default '{}',
  stances  jsonb not null default '[]'
);

alter table athlete
  add column stance jsonb,
  add column schools jsonb not null default '{}';

alter table pattern
  add column tags text[] not null default '{}',
  add column area text not null default '',
  add column schools jsonb not null default '{}';

-- Every save of a pattern, so that it can be compared and brought back.
create table pattern_version (
  club_id     uuid not null,
  pattern_id  uuid not null,
  version     integer not null,
  name        text not null,
  steps       text not null,
  saved_at    timestamptz not null default now(),
  primary key (club_id, pattern_id, version),
  foreign key (club_id, pattern_id) references pattern (club_id, id) deferrable initially deferred
);
insert into pattern_version (club_id, pattern_id, version, name, steps, saved_at)
select club_id, id, version, name, steps, updated_at from pattern;
