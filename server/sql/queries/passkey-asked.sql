-- Once: of two answers to one question the second has none.
delete from passkey_challenge where hash = $1 and purpose = $2 and until > now() returning coach_id as "coachId"
