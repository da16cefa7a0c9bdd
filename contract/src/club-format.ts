/** Our open file format for a whole club, or for part of one: people, patterns, sessions and runs with their logs. */
export const CLUB_FILE = 'hopsk-club';
/** Files of version 1 have other names for some records, and up to 2 events carry no device; they are read as files of today. */
export const CLUB_FILE_VERSION = 3 as const;
