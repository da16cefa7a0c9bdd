import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import type { Teaching, TeachingSave } from '@hopsk/contract/teaching';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { mergesOf, type Merges } from '@hopsk/core/catalogue/merges';
import { BOOK_RULES, type BookRules } from '@hopsk/core/evidence/book-rules';
import { one, type Db } from '../db/sql.js';
import { keptTeaching, type Kept } from '../otherwise/kept-lines.js';
import { listOtherwise } from '../otherwise/list.js';

type Taught = Omit<TeachingSave, 'version'>;

const fields = ({ choices, stances, moves, playbooks, views, numbers, faults }: Taught): unknown[] => [
  ...[choices, stances, moves, playbooks, views, numbers, faults].map((part) => (part === undefined ? null : JSON.stringify(part))),
  ...[TODAY.language, TODAY.engine],
];

/** Saves what a club teaches, with lines that say what they did, and lists those that had to be reworded for that. */
async function put(
  db: Db,
  clubId: string,
  { record, found }: Kept<Taught>,
  by: ReadBy,
  query: string,
  ...more: unknown[]
): Promise<Teaching | null> {
  const row = await one<Teaching>(db, query, clubId, ...fields(record), ...more);
  if (row) await listOtherwise(db, clubId, 'teaching', clubId, found, by);
  return row;
}

/** Null where the club has not chosen anything yet. */
export const getTeaching = (db: Db, clubId: string): Promise<Teaching | null> => one<Teaching>(db, 'teaching-get', clubId);
/** The numbers by which a club reads its fault books. */
export const bookRules = async (db: Db, clubId: string): Promise<BookRules> =>
  (await one<{ numbers: BookRules | null }>(db, 'teaching-numbers', clubId))?.numbers ?? BOOK_RULES;
/** The faults that a club has otherwise than the catalogue, its own among them. */
export const clubFaults = async (db: Db, clubId: string): Promise<readonly ClubFault[]> =>
  (await one<{ faults: ClubFault[] }>(db, 'teaching-faults', clubId))?.faults ?? [];
/** The faults that a club counts as others, each by the one it ends in. */
export const clubMerges = async (db: Db, clubId: string): Promise<Merges> => mergesOf(await clubFaults(db, clubId));
/** Null when there is one already. */
export const addTeaching = (db: Db, clubId: string, taught: Taught, by = readBy(taught)): Promise<Teaching | null> =>
  put(db, clubId, keptTeaching(taught, by), by, 'teaching-add');
/** Null when its version is another. */
export const saveTeaching = (db: Db, clubId: string, teaching: TeachingSave, by = readBy(teaching)): Promise<Teaching | null> =>
  saveKeptTeaching(db, clubId, keptTeaching(teaching, by), by);
/** The same of what was reworded already. */
export const saveKeptTeaching = (db: Db, clubId: string, p: Kept<TeachingSave>, by: ReadBy): Promise<Teaching | null> =>
  put(db, clubId, p, by, 'teaching-save', p.record.version);
