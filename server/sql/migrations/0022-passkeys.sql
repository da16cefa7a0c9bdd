-- By what somebody signs in: by password or passkey, by both, by a passkey alone.
alter table coach add column sign_in_by text not null default 'either' check (sign_in_by in ('either', 'both', 'passkey'));

create table passkey (
  club_id    uuid not null,
  coach_id   uuid not null,
  id         uuid not null,
  -- As the authenticator names it; in all the world there is one.
  credential text not null unique,
  public_key bytea not null,
  counter    bigint not null,
  transports text[] not null,
  name       text not null,
  -- The name of the server that it is for.
  at         text not null,
  since      timestamptz not null default now(),
  used       timestamptz,
  primary key (club_id, coach_id, id),
  foreign key (club_id, coach_id) references coach (club_id, id) on delete cascade
);

-- What an authenticator was asked to sign: once, for some minutes. Whom it is asked of is not always known.
create table passkey_challenge (
  hash     text primary key,
  purpose  text not null check (purpose in ('add', 'enter')),
  coach_id uuid,
  until    timestamptz not null
);
