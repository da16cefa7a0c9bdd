import type { Teaching, TeachingSave } from '@hopsk/contract/teaching';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { mergesOf, type Merges } from '@hopsk/core/catalogue/merges';
import { BOOK_RULES, type BookRules } from '@hopsk/core/evidence/book-rules';
import { one, type Db } from '../db/sql.js';

type Taught = Omit<TeachingSave, 'version'>;

const fields = ({ choices, stances, moves, playbooks, views, numbers, faults }: Taught): (string | null)[] =>
  [choices, stances, moves, playbooks, views, numbers, faults].map((part) => (part === undefined ? null : JSON.stringify(part)));

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
export const addTeaching = (db: Db, clubId: string, taught: Taught): Promise<Teaching | null> =>
  one<Teaching>(db, 'teaching-add', clubId, ...fields(taught));
/** Null when its version is another. */
export const saveTeaching = (db: Db, clubId: string, teaching: TeachingSave): Promise<Teaching | null> =>
  one<Teaching>(db, 'teaching-save', clubId, ...fields(teaching), teaching.version);
