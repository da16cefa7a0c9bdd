/** Our open file format for a whole club, or for part of one: people, patterns, sessions and runs with their logs. */
export const CLUB_FILE = 'hopsk-club';
/** A file that is one JSON document. Of version 1 some records have other names, and up to 2 events carry no device; they are read as files of today. */
export const CLUB_FILE_VERSION = 3 as const;
/** A file of lines, one record each, of any size. */
export const CLUB_LINES_VERSION = 4 as const;
