-- A club's own faults, and those of the catalogue that it has otherwise.
alter table teaching add column faults jsonb not null default '[]';
-- What of them a run counts by, as the club had it then; null: nothing.
alter table run add column faults jsonb;
-- Which faults a run counts as others, each by the one it ends in, of those that it has; null: none.
alter table run add column merged jsonb;

-- Whether a run counts faults otherwise than its club does now: one as itself that is another, or one as another that is not any more.
create function merged_otherwise(of_club uuid, of_run uuid, merged jsonb, merges jsonb) returns boolean stable language sql as $$
  select exists (
    select from tally where tally.club_id = of_club and tally.run_id = of_run and merges ? tally.fault and not coalesce(merged ? tally.fault, false)
  ) or exists (
    select from jsonb_each_text(coalesce(merged, '{}')) as held (code, into_code) where merges ->> code is distinct from into_code
  )
$$;

-- A run can be counted anew more than once by the same rules.
alter table tally_before drop constraint tally_before_pkey;
alter table tally_before add primary key (club_id, run_id, until_at, athlete_id, fault);
