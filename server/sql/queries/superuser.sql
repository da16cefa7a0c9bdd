-- Whether the role by which the app comes in may do anything at all on the server of the database.
select from pg_roles where rolname = current_user and rolsuper
