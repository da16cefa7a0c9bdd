-- What waits on a device after its coach has left is sealed to them: the public half goes to devices, the private one to whoever is in.
alter table coach
  add column seal_public text,
  add column seal_private text,
  add constraint coach_seal_whole check ((seal_public is null) = (seal_private is null));
