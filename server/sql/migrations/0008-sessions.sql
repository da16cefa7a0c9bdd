-- One word for one idea: what is planned is a session.

alter table progression rename to session;
alter table session rename constraint progression_pkey to session_pkey;
alter table session rename constraint progression_club_id_fkey to session_club_id_fkey;

alter table progression_version rename to session_version;
alter table session_version rename column progression_id to session_id;
alter table session_version rename constraint progression_version_pkey to session_version_pkey;
alter table session_version rename constraint progression_version_club_id_progression_id_fkey to session_version_club_id_session_id_fkey;

alter table run rename column progression_id to session_id;
alter table run rename constraint run_club_id_progression_id_fkey to run_club_id_session_id_fkey;
alter index run_of_progression rename to run_of_session;
