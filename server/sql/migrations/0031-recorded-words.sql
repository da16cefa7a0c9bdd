-- Words of the clock in a coach's own voice, where the app has no clip of them: IMA ADPCM, mono, 22.05 kHz.
create table recorded_word (
  club_id  uuid not null references club (id),
  word     text not null,
  samples  integer not null check (samples between 1 and 55125),
  sound    bytea not null check (octet_length(sound) <= 27563),
  primary key (club_id, word)
);
