-- What a device that joins must know: how the run's own time stands to the server's clock, and whether the run is still under way.

alter table run
  -- Milliseconds of the run less those of the server's clock: the highest that a device said when it sent, so the least late of them.
  add column ahead double precision,
  add column ended boolean not null default true,
  add column heard_at timestamptz;

create index run_under_way on run (club_id, heard_at) where not ended;
