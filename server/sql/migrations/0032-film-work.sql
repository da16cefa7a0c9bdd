-- What was marked, measured, drawn and said of a clip, by what the clip is known again by. The clip itself stays on the device that filmed
-- it.
create table film_work (
  club_id    uuid not null references club (id),
  clip       text not null check (clip ~ '^[0-9a-f]{64}$'),
  name       text not null,
  athlete_id uuid,
  day        date,
  work       jsonb not null,
  version    integer not null default 1,
  coach_id   uuid,
  kept_at    timestamptz not null default now(),
  primary key (club_id, clip),
  foreign key (club_id, athlete_id) references athlete (club_id, id)
);
create index film_work_athlete on film_work (club_id, athlete_id);
