import type { Pattern, PatternSave, PatternVersion } from '@hopsk/contract/pattern';
import { one, run, type Db } from '../db/sql.js';

const fields = (p: PatternSave): unknown[] => [
  p.name,
  p.steps,
  p.sport,
  p.school,
  p.hand,
  p.lead,
  p.shouldClose,
  p.dose === null ? null : JSON.stringify(p.dose),
  p.tags,
  p.area,
  JSON.stringify(p.schools),
];

/** Those with these ids, or all of the club. */
export const listPatterns = (db: Db, clubId: string, ids: readonly string[] | null): Promise<Pattern[]> =>
  run<Pattern>(db, 'pattern-list', clubId, ids);
export const getPattern = (db: Db, clubId: string, id: string): Promise<Pattern | null> => one<Pattern>(db, 'pattern-get', clubId, id);
/** Null when the id is taken already. */
export const addPattern = (db: Db, clubId: string, p: PatternSave): Promise<Pattern | null> =>
  one<Pattern>(db, 'pattern-add', clubId, p.id, ...fields(p));
/** Null when it is not there or its version is another. */
export const savePattern = (db: Db, clubId: string, p: PatternSave): Promise<Pattern | null> =>
  one<Pattern>(db, 'pattern-save', clubId, p.id, ...fields(p), p.version);
export const archivePattern = (db: Db, clubId: string, id: string, archived: boolean): Promise<Pattern | null> =>
  one<Pattern>(db, 'pattern-archive', clubId, id, archived);
/** What was saved of a pattern, newest first. */
export const listVersions = (db: Db, clubId: string, id: string): Promise<PatternVersion[]> =>
  run<PatternVersion>(db, 'pattern-versions', clubId, id);
