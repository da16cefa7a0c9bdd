import type { Otherwise } from '@hopsk/contract/otherwise';
import { run, type Db } from '../db/sql.js';
import type { FoundOtherwise, ReadWith } from './kept-lines.js';

/** Lists lines of a record that read otherwise today, with what was typed. */
export async function listOtherwise(
  db: Db,
  clubId: string,
  record: Otherwise['record'],
  recordId: string,
  found: readonly FoundOtherwise[],
  { language, engine }: ReadWith,
): Promise<void> {
  for (const { place, nameThen, typed, was, stands } of found)
    await run(db, 'otherwise-add', clubId, record, recordId, place, nameThen, typed, was, stands, language, engine);
}
