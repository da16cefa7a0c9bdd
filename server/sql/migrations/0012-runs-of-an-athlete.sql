-- What an athlete was in is asked for with each page of their fault book and with each stage's record.
create index run_athlete_athlete on run_athlete (club_id, athlete_id, run_id);
