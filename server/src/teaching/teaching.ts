import type { Teaching } from '@hopsk/contract/teaching';
import { one, type Db } from '../db/sql.js';

type Taught = Omit<Teaching, 'version'>;

const fields = ({ choices, stances, moves, playbooks, views }: Taught): string[] =>
  [choices, stances, moves, playbooks, views].map((part) => JSON.stringify(part));

/** Null where the club has not chosen anything yet. */
export const getTeaching = (db: Db, clubId: string): Promise<Teaching | null> => one<Teaching>(db, 'teaching-get', clubId);
/** Null when there is one already. */
export const addTeaching = (db: Db, clubId: string, taught: Taught): Promise<Teaching | null> =>
  one<Teaching>(db, 'teaching-add', clubId, ...fields(taught));
/** Null when its version is another. */
export const saveTeaching = (db: Db, clubId: string, teaching: Teaching): Promise<Teaching | null> =>
  one<Teaching>(db, 'teaching-save', clubId, ...fields(teaching), teaching.version);
