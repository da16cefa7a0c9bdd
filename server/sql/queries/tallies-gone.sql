delete from tally
using jsonb_to_recordset($3) as t (athlete uuid, fault text)
where tally.club_id = $1 and tally.run_id = $2 and tally.athlete_id = t.athlete and tally.fault = t.fault
