-- Of these, those under 16 of whom no guardian agreed that anything of their health is kept.
select id from athlete where club_id = $1 and id = any ($2) and agreed is null and age_group in ('under 10', '10–12', '13–15')
