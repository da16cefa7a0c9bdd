update coach set role = $3, gone_at = case when $4 then coalesce(gone_at, now()) end where club_id = $1 and id = $2 returning id
