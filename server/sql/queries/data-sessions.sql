select id, name from session where club_id = $1 and body -> 'athletes' @> to_jsonb(array[$2::uuid::text]) order by lower(name), id
