-- Somebody who was erased, by an id that one run alone has; nothing is said of them.
insert into athlete (club_id, id, erased_in, name, hand, lead, other_lead, sport, school, level, age_group)
values ($1, $2, $3, '', 'right', 'none', 'none', '', '', '', '')
on conflict (club_id, id) do nothing
