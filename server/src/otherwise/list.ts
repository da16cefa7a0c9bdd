import type { Otherwise } from '@hopsk/contract/otherwise';
import type { ReadBy } from '@hopsk/contract/reworded';
import { run, type Db } from '../db/sql.js';
import type { FoundOtherwise } from './kept-lines.js';

/** Lists lines of a record that read otherwise today, with what was typed. */
export async function listOtherwise(
  db: Db,
  clubId: string,
  record: Otherwise['record'],
  recordId: string,
  found: readonly FoundOtherwise[],
  { language, engine }: ReadBy,
): Promise<void> {
  if (found.length > 0) await run(db, 'otherwise-add', clubId, record, recordId, JSON.stringify(found), language, engine);
}
