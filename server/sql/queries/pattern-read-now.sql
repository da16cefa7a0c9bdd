-- What reads as it did is of today's language, and no other version.
update pattern
set language = $3, engine = $4
where club_id = $1 and id = any($2::uuid[])
