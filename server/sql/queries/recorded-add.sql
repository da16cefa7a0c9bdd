-- From a file: a word that the club has stays the club's, and beyond so many none is added.
insert into recorded_word (club_id, word, samples, sound)
select $1, $2, $3, decode($4, 'base64')
where (select count(*) from recorded_word where club_id = $1) < $5
on conflict (club_id, word) do nothing
returning word
