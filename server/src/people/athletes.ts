import type { Athlete, AthleteSave } from '@hopsk/contract/people';
import { one, run, type Db } from '../db/sql.js';

const fields = (a: AthleteSave): unknown[] => [
  a.name,
  a.hand,
  a.lead,
  a.otherLead,
  a.height,
  a.hip,
  a.shoulder,
  a.leg,
  a.foot,
  a.sport,
  a.school,
  a.level,
  a.ageGroup,
  JSON.stringify(a.cautions),
  a.bias,
  a.focus,
  a.stance === null ? null : JSON.stringify(a.stance),
  JSON.stringify(a.schools),
  a.agreed,
  JSON.stringify(a.tempo),
];

/** Those with these ids, or all of the club. */
export const listAthletes = (db: Db, clubId: string, ids: readonly string[] | null): Promise<Athlete[]> =>
  run<Athlete>(db, 'athlete-list', clubId, ids);
export const getAthlete = (db: Db, clubId: string, id: string): Promise<Athlete | null> => one<Athlete>(db, 'athlete-get', clubId, id);
/** Null when the id is taken already. */
export const addAthlete = (db: Db, clubId: string, a: AthleteSave): Promise<Athlete | null> =>
  one<Athlete>(db, 'athlete-add', clubId, a.id, ...fields(a));
/** Null when it is not there or its version is another. */
export const saveAthlete = (db: Db, clubId: string, a: AthleteSave): Promise<Athlete | null> =>
  one<Athlete>(db, 'athlete-save', clubId, a.id, ...fields(a), a.version);
export const archiveAthlete = (db: Db, clubId: string, id: string, archived: boolean): Promise<Athlete | null> =>
  one<Athlete>(db, 'athlete-archive', clubId, id, archived);
