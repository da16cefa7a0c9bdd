-- What holds for the whole server.
create table house (
  one        boolean primary key default true check (one),
  -- No demo club is ever made here again.
  demo_over  boolean not null default false
);
insert into house default values;
