-- Sent again it is there already; an id that stands for another athlete's stays that one's.
insert into decision (club_id, id, athlete_id, fault, day, decided, rule, said, why, coach_id, at, taken_back_at)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, coalesce($11, now()), $12)
on conflict (club_id, id) do nothing
returning id
