import { RECOUNT_AT_ONCE, type RecountRun } from '@hopsk/contract/recount';
import { RULES, type Tally } from '@hopsk/core/log/count';
import { grouped } from '@hopsk/core/grouped';
import { isDeepStrictEqual } from 'node:util';
import { transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { foldOf, writeCounts } from './folds.js';

type Change = RecountRun['changes'][number];
type Row<T> = T & Record<string, unknown>;

const keyOf = ({ athlete, fault }: Tally): string => `${athlete} ${fault}`;

/** What differs between two counts of one run, by athlete and fault. */
function changesOf(before: readonly Tally[], now: readonly Tally[]): Change[] {
  const [then, today] = [before, now].map((all) => new Map(all.map((row) => [keyOf(row), row]))) as [
    Map<string, Tally>,
    Map<string, Tally>,
  ];
  return [...new Set([...then.keys(), ...today.keys()])].sort().flatMap((key) => {
    const change = { before: then.get(key) ?? null, now: today.get(key) ?? null };
    return isDeepStrictEqual(change.before, change.now) ? [] : [change];
  });
}

/** The next runs that stand by earlier rules, each with what would change; the club's runs are looked at, nothing is written. */
export async function recountSeen(db: Db, clubId: string, after: string | null): Promise<RecountRun[]> {
  const next = await run<Row<Omit<RecountRun, 'changes'>>>(db, 'recount-next', clubId, RULES, after, RECOUNT_AT_ONCE);
  const ids = next.map(({ id }) => id);
  const tallies = grouped(await run<Row<Tally & { readonly runId: string }>>(db, 'tallies-of', clubId, ids), ({ runId }) => runId);
  const seen: RecountRun[] = [];
  for (const one of next) {
    const before = (tallies.get(one.id) ?? []).map(({ runId: _, ...tally }): Tally => tally);
    // By no arrival: it is not remembered.
    const fold = await foldOf(db, clubId, one.id, 0);
    seen.push({ ...one, changes: changesOf(before, fold?.log.talliesAt(fold.log.latest) ?? []) });
  }
  return seen;
}

/**
 * Counts runs by today's rules, each in a transaction that holds it; what they added up to before stays in `tally_before`. Those that
 * stand by today's rules already are left alone. Gives how many were counted.
 */
export async function recount(pool: Pool, clubId: string, coachId: string, runIds: readonly string[]): Promise<number> {
  let counted = 0;
  for (const id of runIds) if (await transaction(pool, (db) => recounted(db, clubId, coachId, id))) counted++;
  return counted;
}

async function recounted(db: Db, clubId: string, coachId: string, runId: string): Promise<boolean> {
  const stands = await one<{ arrival: number; rules: number }>(db, 'run-lock', clubId, runId);
  if (!stands || stands.rules >= RULES) return false;
  const fold = await foldOf(db, clubId, runId, stands.arrival);
  if (!fold) return false;
  await run(db, 'tallies-trace', clubId, runId, coachId);
  await writeCounts(db, clubId, runId, fold);
  await run(db, 'recount-done', clubId, runId, RULES);
  return true;
}
