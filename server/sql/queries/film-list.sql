-- What was marked in clips, the latest first; of one athlete, or of all.
select film_work.clip, film_work.name, film_work.athlete_id as athlete, film_work.day::text as day,
       jsonb_array_length(film_work.work->'marks') as marks, film_work.version, film_work.kept_at as "keptAt", coach.name as who,
       (select film_clip.bytes::float8 from film_clip
        where film_clip.club_id = film_work.club_id and film_clip.clip = film_work.clip and film_clip.whole_at is not null) as held
from film_work left join coach on coach.club_id = film_work.club_id and coach.id = film_work.coach_id
where film_work.club_id = $1 and ($2::uuid is null or film_work.athlete_id = $2)
order by film_work.kept_at desc, film_work.clip
limit $3
