-- Clips that are kept with the club, where its rules say so: whole, in pieces of a mebibyte, with what was marked in them and no longer than that.
alter table people_rules add column clips integer not null default 0 check (clips between 0 and 365);
create table film_clip (
  club_id  uuid not null,
  clip     text not null,
  bytes    bigint not null check (bytes > 0),
  type     text not null,
  coach_id uuid,
  begun_at timestamptz not null default now(),
  whole_at timestamptz,
  primary key (club_id, clip),
  foreign key (club_id, clip) references film_work (club_id, clip) on delete cascade
);
create table film_piece (
  club_id uuid not null,
  clip    text not null,
  n       integer not null,
  body    bytea not null,
  primary key (club_id, clip, n),
  foreign key (club_id, clip) references film_clip (club_id, clip) on delete cascade
);
-- Film is packed already.
alter table film_piece alter column body set storage external;
