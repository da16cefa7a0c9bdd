create table if not exists schema_migration (
  name        text primary key,
  applied_at  timestamptz not null default now()
)
