-- Another one takes its place; beyond so many words none is added.
insert into recorded_word (club_id, word, samples, sound)
select $1, $2, $3, decode($4, 'base64')
where exists (select from recorded_word where club_id = $1 and word = $2)
   or (select count(*) from recorded_word where club_id = $1) < $5
on conflict (club_id, word) do update set samples = excluded.samples, sound = excluded.sound
returning word
