import { FOR_ANYBODY, rewordPattern } from '@hopsk/contract/lines';
import type { PatternVersion } from '@hopsk/contract/versions';
import type { Pattern } from '@hopsk/contract/pattern';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import { one, run, type Db } from '../db/sql.js';
import { keptPattern, type Kept } from '../otherwise/kept-lines.js';
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

type KeptPattern = Kept<PatternSave>;

/** Saves a pattern whose line says what it did, and lists it where it had to be reworded for that. */
async function put(
  db: Db,
  clubId: string,
  { record, found }: KeptPattern,
  by: ReadBy,
  query: string,
  ...more: unknown[]
): Promise<Pattern | null> {
  const row = await one<Pattern>(db, query, clubId, record.id, ...fields(record), ...more);
  if (row) await listOtherwise(db, clubId, 'pattern', row.id, found, by);
  return row;
}
const kept = async (db: Db, clubId: string, p: PatternSave, by: ReadBy): Promise<KeptPattern> =>
  keptPattern(p, by, await ownMoves(db, clubId, by));

/** Those with these ids, or all of the club. */
export const listPatterns = (db: Db, clubId: string, ids: readonly string[] | null): Promise<Pattern[]> =>
  run<Pattern>(db, 'pattern-list', clubId, ids);
export const getPattern = (db: Db, clubId: string, id: string): Promise<Pattern | null> => one<Pattern>(db, 'pattern-get', clubId, id);
/** Null when the id is taken already. */
export const addPattern = async (db: Db, clubId: string, p: PatternSave, by = readBy(p)): Promise<Pattern | null> =>
  put(db, clubId, await kept(db, clubId, p, by), by, 'pattern-add');
/** Null when it is not there or its version is another. */
export const savePattern = async (db: Db, clubId: string, p: PatternSave, by = readBy(p)): Promise<Pattern | null> =>
  saveKeptPattern(db, clubId, await kept(db, clubId, p, by), by);
/** The same of one that was reworded already. */
export const saveKeptPattern = (db: Db, clubId: string, p: KeptPattern, by: ReadBy): Promise<Pattern | null> =>
  put(db, clubId, p, by, 'pattern-save', p.record.version);
export const archivePattern = (db: Db, clubId: string, id: string, archived: boolean): Promise<Pattern | null> =>
  one<Pattern>(db, 'pattern-archive', clubId, id, archived);
/** What was saved of a pattern, newest first, with lines that say what they did then. */
export async function listVersions(db: Db, clubId: string, id: string): Promise<PatternVersion[]> {
  const versions = await run<PatternVersion>(db, 'pattern-versions', clubId, id);
  return asTheyWere(db, clubId, versions, ({ steps, body, ...version }, reword) => ({
    ...version,
    steps: reword({ place: 'steps', part: 'line', of: '', text: steps, for: body ?? FOR_ANYBODY, stage: null }),
    body: body && rewordPattern(body, reword),
  }));
}
