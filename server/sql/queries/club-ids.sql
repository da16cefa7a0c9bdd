select 'athlete' as kind, id from athlete where club_id = $1
union all select 'erased', id from erased where club_id = $1
union all select 'decision', id from decision where club_id = $1
union all select 'pattern', id from pattern where club_id = $1
union all select 'session', id from session where club_id = $1
union all select 'run', id from run where club_id = $1
