import { RULES } from '@hopsk/core/log/count';
import type { Backing } from '../backing.js';
import type { Counts } from '../counting/counts.js';
import { transaction } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { unlessFailed, wholeRun } from './written.js';

/**
 * Sees to it that what these runs add up to part by part is written down as their logs stand: where it is not, by today's rules, they
 * are counted, one after the other, each in a transaction that holds it.
 */
export async function detailed({ pool, counts }: Backing, clubId: string, runIds: readonly string[]): Promise<void> {
  const stale = await run<{ id: string }>(pool, 'details-stale', clubId, runIds, RULES);
  for (const { id } of stale) await transaction(pool, (db) => writeDetails(db, counts, clubId, id));
}

async function writeDetails(db: Db, counts: Counts, clubId: string, runId: string): Promise<void> {
  const held = await one<{ arrival: number }>(db, 'run-lock', clubId, runId);
  const whole = held && (await wholeRun(db, clubId, runId));
  const details = whole && (await unlessFailed(counts.details(whole)));
  if (!details) return;
  const { exercises, parts, pairs, clean, done } = details;
  await run(db, 'details-clear', clubId, runId);
  await run(db, 'details-exercises', clubId, runId, JSON.stringify(exercises));
  await run(db, 'details-parts', clubId, runId, JSON.stringify(parts));
  await run(db, 'details-pairs', clubId, runId, JSON.stringify(pairs));
  await run(db, 'details-clean', clubId, runId, JSON.stringify(clean));
  await run(db, 'details-load', clubId, runId, JSON.stringify(done));
  await run(db, 'details-done', clubId, runId, RULES);
}
