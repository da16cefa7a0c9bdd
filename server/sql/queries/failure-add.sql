insert into sign_in_failure (key) select unnest($1::text[])
