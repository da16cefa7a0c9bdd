import { RECORDED_LIMITS, type RecordedWord } from '@hopsk/contract/recorded-words';
import { one, run, type Db } from '../db/sql.js';

const MOST = RECORDED_LIMITS.words;

/** Words of the clock that a club has in a coach's own voice. */
export const listRecorded = (db: Db, clubId: string): Promise<RecordedWord[]> =>
  run<RecordedWord & Record<string, unknown>>(db, 'recorded-list', clubId);

/** Keeps one, in place of what it was before; false where the club has as many others as it may. */
export const setRecorded = async (db: Db, clubId: string, { word, samples, sound }: RecordedWord): Promise<boolean> =>
  (await one(db, 'recorded-set', clubId, word, samples, sound, MOST)) !== null;

/** Keeps one that comes in a file, where the club has none of that word. */
export const addRecorded = (db: Db, clubId: string, { word, samples, sound }: RecordedWord): Promise<unknown> =>
  one(db, 'recorded-add', clubId, word, samples, sound, MOST);

/** Takes one away; false without it. */
export const endRecorded = async (db: Db, clubId: string, word: string): Promise<boolean> =>
  (await one(db, 'recorded-end', clubId, word)) !== null;
