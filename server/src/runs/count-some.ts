import { RULES } from '@hopsk/core/log/count';
import type { Backing } from '../backing.js';
import { run } from '../db/sql.js';
import { detailed } from './details.js';

/** Runs whose parts are counted for one request; of a long history the rest is counted when it is asked again. */
const COUNTED_AT_ONCE = 12;

/** Counts the parts of some of an athlete's runs where they are not counted, the latest first; gives how many are not, after that. */
export const countSome = (backing: Backing, clubId: string, athlete: string): Promise<number> =>
  countSomeOf(backing, clubId, 'athlete-runs-stale', athlete);

/** The same of the runs that a query finds, by rules and a number of them. */
export async function countSomeOf(
  backing: Backing,
  clubId: string,
  query: 'athlete-runs-stale' | 'fault-runs-stale',
  ...of: readonly unknown[]
): Promise<number> {
  const notCounted = () => run<{ id: string; stale: number }>(backing.pool, query, clubId, RULES, COUNTED_AT_ONCE, ...of);
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
