-- Base64 in one line.
select word, samples, translate(encode(sound, 'base64'), E'\n', '') as sound
from recorded_word
where club_id = $1
order by word
