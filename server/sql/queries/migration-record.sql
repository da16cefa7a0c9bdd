insert into schema_migration (name) values ($1)
