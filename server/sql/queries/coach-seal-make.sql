update coach set seal_public = $3, seal_private = $4 where club_id = $1 and id = $2 and seal_public is null
