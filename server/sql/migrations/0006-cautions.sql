-- What a standing caution is about and what it forbids. What was written before is a note: people read it, nothing interprets it.
alter table athlete add column kept jsonb not null default '[]';

update athlete
set kept = coalesce(
  (
    select jsonb_agg(jsonb_build_object('part', 'other', 'side', null, 'forbids', '[]'::jsonb, 'landings', null, 'note', said.note) order by said.at)
    from unnest(athlete.cautions) with ordinality as said (note, at)
  ),
  '[]'
);

alter table athlete drop column cautions;
alter table athlete rename column kept to cautions;
