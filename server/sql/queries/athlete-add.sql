insert into athlete (club_id, id, name, hand, lead, other_lead, height, hip, shoulder, leg, foot, sport, school, level, age_group, cautions, bias, focus, stance, schools, agreed, tempo)
select $1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18, $19, $20, $21, $22
-- Whoever was erased does not come back.
where not exists (select from erased where erased.club_id = $1 and erased.id = $2)
on conflict (club_id, id) do nothing
returning id, version, name, hand, lead, other_lead as "otherLead", height, hip, shoulder, leg, foot, sport, school, level,
       age_group as "ageGroup", cautions, bias, focus, stance, schools, agreed::text as agreed, tempo, archived_at as "archivedAt", updated_at as "savedAt"
