-- Clips that the club keeps no longer, and those that did not come whole within a day.
delete from film_clip
where club_id = $1 and coalesce(whole_at, begun_at) < now() - make_interval(days => case when whole_at is null then least($2, 1) else $2 end)
