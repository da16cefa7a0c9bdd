import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import type { Teaching, TeachingSave } from '@hopsk/contract/teaching';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { mergesOf, type Merges } from '@hopsk/core/catalogue/merges';
import { BOOK_RULES, type BookRules } from '@hopsk/core/evidence/book-rules';
import { one, type Db } from '../db/sql.js';
import { keptTeaching } from '../otherwise/kept-lines.js';
import { listOtherwise } from '../otherwise/list.js';

type Taught = Omit<TeachingSave, 'version'>;

const fields = ({ choices, stances, moves, playbooks, views, numbers, faults }: Taught): unknown[] => [
  ...[choices, stances, moves, playbooks, views, numbers, faults].map((part) => (part === undefined ? null : JSON.stringify(part))),
  ...[TODAY.language, TODAY.engine],
];

/** Saves what a club teaches, with lines that say what they did when they were read with `by`; those that had to be reworded are listed. */
async function kept(db: Db, clubId: string, taught: Taught, by: ReadBy, query: string, ...more: unknown[]): Promise<Teaching | null> {
  const { record, found } = keptTeaching(taught, by);
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
  kept(db, clubId, taught, by, 'teaching-add');
/** Null when its version is another. */
export const saveTeaching = (db: Db, clubId: string, teaching: TeachingSave, by = readBy(teaching)): Promise<Teaching | null> =>
  kept(db, clubId, teaching, by, 'teaching-save', teaching.version);
