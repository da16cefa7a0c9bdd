delete from recorded_word where club_id = $1 and word = $2 returning word
