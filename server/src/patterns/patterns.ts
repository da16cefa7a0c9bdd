import { rewordPattern } from '@hopsk/contract/lines';
import type { PatternVersion } from '@hopsk/contract/versions';
import type { Pattern, PatternSave } from '@hopsk/contract/pattern';
import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import { one, run, type Db } from '../db/sql.js';
import { keptPattern } from '../otherwise/kept-lines.js';
import { listOtherwise } from '../otherwise/list.js';
import { asTheyWere, ownMoves } from '../otherwise/own-moves.js';

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
  TODAY.language,
  TODAY.engine,
];

/** Saves a pattern whose line says what it did when it was read with `by`; what had to be reworded for that is listed. */
async function kept(db: Db, clubId: string, p: PatternSave, by: ReadBy, query: string, ...more: unknown[]): Promise<Pattern | null> {
  const { record, found } = keptPattern(p, by, await ownMoves(db, clubId, by));
  const row = await one<Pattern>(db, query, clubId, p.id, ...fields(record), ...more);
  if (row) await listOtherwise(db, clubId, 'pattern', row.id, found, by);
  return row;
}

/** Those with these ids, or all of the club. */
export const listPatterns = (db: Db, clubId: string, ids: readonly string[] | null): Promise<Pattern[]> =>
  run<Pattern>(db, 'pattern-list', clubId, ids);
export const getPattern = (db: Db, clubId: string, id: string): Promise<Pattern | null> => one<Pattern>(db, 'pattern-get', clubId, id);
/** Null when the id is taken already. */
export const addPattern = (db: Db, clubId: string, p: PatternSave, by = readBy(p)): Promise<Pattern | null> =>
  kept(db, clubId, p, by, 'pattern-add');
/** Null when it is not there or its version is another. */
export const savePattern = (db: Db, clubId: string, p: PatternSave, by = readBy(p)): Promise<Pattern | null> =>
  kept(db, clubId, p, by, 'pattern-save', p.version);
export const archivePattern = (db: Db, clubId: string, id: string, archived: boolean): Promise<Pattern | null> =>
  one<Pattern>(db, 'pattern-archive', clubId, id, archived);
/** What was saved of a pattern, newest first, with lines that say what they did then. */
export async function listVersions(db: Db, clubId: string, id: string): Promise<PatternVersion[]> {
  const versions = await run<PatternVersion>(db, 'pattern-versions', clubId, id);
  return asTheyWere(db, clubId, versions, ({ steps, body, ...version }, reword) => ({
    ...version,
    steps: reword({ place: 'steps', part: 'line', of: '', text: steps, for: { school: '', hand: 'right', lead: 'none' } }),
    body: body && rewordPattern(body, reword),
  }));
}
