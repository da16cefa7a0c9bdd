import { RECOUNT_AT_ONCE, type RecountRun } from '@hopsk/contract/recount';
import { RULES, type Tally } from '@hopsk/core/log/count';
import { grouped } from '@hopsk/core/grouped';
import { isDeepStrictEqual } from 'node:util';
import type { Backing } from '../backing.js';
import type { Merges } from '@hopsk/core/catalogue/merges';
import type { Changes, Counts } from '../counting/counts.js';
import { transaction } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import type { Member } from '../http/sign-in.js';
import { clubMerges } from '../teaching/teaching.js';
import { unlessFailed, wholeRun, writeChanges } from './written.js';

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

/** The next runs that stand by earlier rules or count other faults as others than the club does, each with what would change; the club's runs are looked at, nothing is written. */
export async function recountSeen({ pool: db, counts }: Backing, clubId: string, after: string | null): Promise<RecountRun[]> {
  const merges = await clubMerges(db, clubId);
  const next = await run<Row<Omit<RecountRun, 'changes'>>>(
    db,
    'recount-next',
    clubId,
    RULES,
    after,
    RECOUNT_AT_ONCE,
    JSON.stringify(merges),
  );
  const ids = next.map(({ id }) => id);
  const tallies = grouped(await run<Row<Tally & { readonly runId: string }>>(db, 'tallies-of', clubId, ids), ({ runId }) => runId);
  const seen: RecountRun[] = [];
  for (const one of next) {
    const before = (tallies.get(one.id) ?? []).map(({ runId: _, ...tally }): Tally => tally);
    const now = await counted(db, counts, clubId, one.id, merges);
    // What cannot be counted stays as it is.
    seen.push({ ...one, changes: now ? changesOf(before, now.changed) : [] });
  }
  return seen;
}

/**
 * Counts runs by today's rules, each in a transaction that holds it; what they added up to before stays in `tally_before`. Those that
 * stand by today's rules already are left alone. Gives how many were counted.
 */
export async function recount({ pool, counts }: Backing, actor: Member, runIds: readonly string[]): Promise<number> {
  let done = 0;
  const merges = await clubMerges(pool, actor.clubId);
  for (const id of runIds) if (await transaction(pool, (db) => recounted(db, counts, actor, id, merges))) done++;
  return done;
}

/** A run counted from its first event with these faults as others; null where it is not there or takes more than it may. */
async function counted(db: Db, counts: Counts, clubId: string, runId: string, merged: Merges): Promise<Changes | null> {
  const whole = await wholeRun(db, clubId, runId);
  return whole && unlessFailed(counts.whole({ ...whole, basics: { ...whole.basics, merged } }, null));
}

async function recounted(db: Db, counts: Counts, { clubId, id: coachId }: Member, runId: string, merges: Merges): Promise<boolean> {
  await one(db, 'run-lock', clubId, runId);
  const stale = await one(db, 'recount-stale', clubId, runId, RULES, JSON.stringify(merges));
  const changes = stale && (await counted(db, counts, clubId, runId, merges));
  if (!changes) return false;
  await run(db, 'tallies-trace', clubId, runId, coachId);
  await run(db, 'recount-merges', clubId, runId, JSON.stringify(merges));
  await writeChanges(db, clubId, runId, changes);
  await run(db, 'recount-done', clubId, runId, RULES);
  return true;
}
