-- What the clock says in a coach's own voice, where the app has no clip of a word in it: IMA ADPCM, mono, 22.05 kHz.
create table recorded_word (
  club_id  uuid not null references club (id),
  word     text not null,
  samples  integer not null check (samples between 1 and 88200),
  sound    bytea not null check (octet_length(sound) <= 44100),
  primary key (club_id, word)
);
