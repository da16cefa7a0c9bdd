-- Who may do what in a club, ways in by a link, and how often somebody may try.

alter table coach
  add column role text not null default 'coach' check (role in ('owner', 'coach', 'assistant', 'reader')),
  -- Taken out of the club: nobody signs in any more, and what they noted keeps their name.
  add column gone_at timestamptz,
  -- Null: invited, and not in yet.
  alter column password_hash drop not null;

-- Whoever has been there longest.
update coach
set role = 'owner'
from (select distinct on (club_id) club_id, id from coach order by club_id, created_at, id) as oldest
where coach.club_id = oldest.club_id and coach.id = oldest.id;

-- Athletes whom an owner named to a reader.
create table reader_athlete (
  club_id     uuid not null,
  coach_id    uuid not null,
  athlete_id  uuid not null,
  primary key (club_id, coach_id, athlete_id),
  foreign key (club_id, coach_id) references coach (club_id, id),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);

-- A way in, once: of the secret in it only a hash is kept.
create table way_in (
  club_id     uuid not null,
  coach_id    uuid not null,
  hash        text not null,
  expires_at  timestamptz not null,
  primary key (club_id, coach_id),
  foreign key (club_id, coach_id) references coach (club_id, id)
);
create unique index way_in_hash on way_in (hash);

-- Tries of late, by a hash of who tries and what: each takes a turn, and turns come back with time.
drop table sign_in_failure;
create table turn (
  key    text primary key,
  taken  double precision not null,
  at     timestamptz not null default now()
);

create index sign_in_session_coach on sign_in_session ((sess -> 'coach' ->> 'id'));
