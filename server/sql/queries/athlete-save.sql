update athlete
set name = $3, hand = $4, lead = $5, other_lead = $6, height = $7, hip = $8, shoulder = $9, leg = $10, foot = $11, sport = $12,
    school = $13, level = $14, age_group = $15, cautions = $16, bias = $17, focus = $18, stance = $19, schools = $20, agreed = $21, tempo = $22, version = version + 1, updated_at = now()
where club_id = $1 and id = $2 and version = $23 and erased_in is null
returning id, version, name, hand, lead, other_lead as "otherLead", height, hip, shoulder, leg, foot, sport, school, level,
       age_group as "ageGroup", cautions, bias, focus, stance, schools, agreed::text as agreed, tempo, archived_at as "archivedAt", updated_at as "savedAt"
