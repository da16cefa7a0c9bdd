import { RULES } from '@hopsk/core/log/count';
import type { Backing } from '../backing.js';
import { run } from '../db/sql.js';
import { detailed } from './details.js';

/** Runs whose parts are counted for one request; of a long history the rest is counted when it is asked again. */
const COUNTED_AT_ONCE = 12;

/** Counts the parts of some of an athlete's runs where they are not counted, the latest first; gives how many are not, after that. */
export async function countSome(backing: Backing, clubId: string, athlete: string): Promise<number> {
  const notCounted = () => run<{ id: string; stale: number }>(backing.pool, 'athlete-runs-stale', clubId, athlete, RULES, COUNTED_AT_ONCE);
  const stale = await notCounted();
  if (stale.length === 0) return 0;
  await detailed(
    backing,
    clubId,
    stale.map(({ id }) => id),
  );
  // Asked again: one that could not be counted is still not in.
  return (await notCounted())[0]?.stale ?? 0;
}
