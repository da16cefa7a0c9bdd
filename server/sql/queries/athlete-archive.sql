update athlete
set archived_at = case when $3 then now() end, version = version + 1, updated_at = now()
where club_id = $1 and id = $2 and erased_in is null
returning id, version, name, hand, lead, other_lead as "otherLead", height, hip, shoulder, leg, foot, sport, school, level,
       age_group as "ageGroup", cautions, bias, focus, stance, schools, agreed::text as agreed, tempo, archived_at as "archivedAt", updated_at as "savedAt"
