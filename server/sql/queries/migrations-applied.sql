select name from schema_migration
