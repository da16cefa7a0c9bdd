-- Clubs, their coaches, sign-in sessions and failed sign-ins.

create table club (
  id          uuid primary key,
  name        text not null,
  demo        boolean not null default false,
  created_at  timestamptz not null default now()
);

create table coach (
  club_id        uuid not null references club (id),
  id             uuid not null,
  name           text not null,
  email          text not null,
  password_hash  text not null,
  units          text not null default 'cm' check (units in ('cm', 'ft-in')),
  tap_delay      double precision not null default 1.0 check (tap_delay between 0 and 3),
  created_at     timestamptz not null default now(),
  primary key (club_id, id)
);

-- An address signs in to one club, so it is known once on this server.
create unique index coach_email on coach (lower(email));

-- Sign-in sessions in the shape that connect-pg-simple expects.
create table sign_in_session (
  sid     text primary key,
  sess    json not null,
  expire  timestamp(6) not null
);
create index sign_in_session_expire on sign_in_session (expire);

-- Failed sign-ins by a hash of where they came from or whom they meant; no address is kept.
create table sign_in_failure (
  key  text not null,
  at   timestamptz not null default now()
);
create index sign_in_failure_key on sign_in_failure (key, at);
