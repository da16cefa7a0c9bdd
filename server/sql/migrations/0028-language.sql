-- With which language and engine each line was read as it was saved. What was saved before pages that read lines as coaches say them
-- came here (they came with 0027) was read with the first.
alter table pattern add column language integer, add column engine integer not null default 1;
alter table pattern_version add column language integer, add column engine integer not null default 1;
alter table session add column language integer, add column engine integer not null default 1;
alter table session_version add column language integer, add column engine integer not null default 1;
alter table teaching add column language integer not null default 1, add column engine integer not null default 1;

create function language_at(saved timestamptz) returns integer stable language sql as $$
  select case when saved < (select applied_at from schema_migration where name = '0027-source.sql') then 1 else 2 end
$$;
update pattern_version set language = language_at(saved_at);
update session_version set language = language_at(saved_at);
-- A record is as old as its last version: putting it away is no save of its line.
update pattern set language = coalesce((
  select v.language from pattern_version v where v.club_id = pattern.club_id and v.pattern_id = pattern.id order by v.version desc limit 1
), language_at(updated_at));
update session set language = coalesce((
  select v.language from session_version v where v.club_id = session.club_id and v.session_id = session.id order by v.version desc limit 1
), language_at(updated_at));
drop function language_at(timestamptz);
alter table pattern alter column language set not null;
alter table pattern_version alter column language set not null;
alter table session alter column language set not null;
alter table session_version alter column language set not null;

-- Lines that an earlier language read otherwise: what was typed, what it said then, and what stands in its place until a coach takes
-- today's reading.
create table read_otherwise (
  club_id     uuid not null references club (id),
  id          uuid not null default gen_random_uuid(),
  record      text not null check (record in ('pattern', 'session', 'teaching')),
  record_id   uuid not null,
  place       text not null,
  -- What a club's own move was called before its name meant something else; null: as it is called now.
  name_then   text,
  typed       text not null,
  was         text not null,
  stands      text not null,
  language    integer not null,
  engine      integer not null,
  found_at    timestamptz not null default now(),
  -- What a coach made of it; null: nothing yet.
  now         text check (now in ('taken', 'stands', 'changed')),
  settled_at  timestamptz,
  settled_by  uuid,
  primary key (club_id, id)
);
create index read_otherwise_open on read_otherwise (club_id, found_at) where now is null;
