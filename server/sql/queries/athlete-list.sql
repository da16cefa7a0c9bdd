select id, version, name, hand, lead, other_lead as "otherLead", height, hip, shoulder, leg, foot, sport, school, level,
       age_group as "ageGroup", cautions, bias, focus, stance, schools, agreed::text as agreed, tempo, archived_at as "archivedAt", updated_at as "savedAt"
from athlete
where club_id = $1 and erased_in is null and ($2::uuid[] is null or id = any($2))
order by lower(name), id
