-- Nobody else changes who owns the club meanwhile.
select id from coach where club_id = $1 order by id for update
