update session
set archived_at = case when $3 then now() end, version = version + 1, updated_at = now()
where club_id = $1 and id = $2
returning id, version, body, archived_at as "archivedAt", updated_at as "savedAt"
