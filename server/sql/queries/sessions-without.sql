-- Sessions, their earlier versions too, without an athlete, without what their fault book asked for, and what was read otherwise of their doses.
with earlier as (
  update session_version v
  set body = jsonb_set(
    jsonb_set(v.body - case when v.body #>> '{offered,athlete}' = $2::uuid::text then 'offered' else '' end, '{athletes}', coalesce((select jsonb_agg(one) from jsonb_array_elements(v.body -> 'athletes') one where one <> to_jsonb($2::uuid::text)), '[]')),
    '{differences}', coalesce((select jsonb_agg(one) from jsonb_array_elements(v.body -> 'differences') one where one ->> 'athlete' <> $2::uuid::text), '[]')
  )
  where v.club_id = $1 and position($2::uuid::text in v.body::text) > 0
), otherwise as (
  delete from read_otherwise r where r.club_id = $1 and position($2::uuid::text in r.place) > 0
)
update session s
set updated_at = now(),
    body = jsonb_set(
      jsonb_set(s.body - case when s.body #>> '{offered,athlete}' = $2::uuid::text then 'offered' else '' end, '{athletes}', coalesce((select jsonb_agg(one) from jsonb_array_elements(s.body -> 'athletes') one where one <> to_jsonb($2::uuid::text)), '[]')),
      '{differences}', coalesce((select jsonb_agg(one) from jsonb_array_elements(s.body -> 'differences') one where one ->> 'athlete' <> $2::uuid::text), '[]')
    )
where s.club_id = $1 and position($2::uuid::text in s.body::text) > 0
