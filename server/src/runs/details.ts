import { RULES } from '@hopsk/core/log/count';
import { isSession } from '@hopsk/core/plan/run-plan';
import { transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { foldOf } from './folds.js';

/**
 * Sees to it that what these runs add up to part by part is written down as their logs stand: where it is not, by today's rules, they
 * are counted, one after the other, each in a transaction that holds it.
 */
export async function detailed(pool: Pool, clubId: string, runIds: readonly string[]): Promise<void> {
  const stale = await run<{ id: string }>(pool, 'details-stale', clubId, runIds, RULES);
  for (const { id } of stale) await transaction(pool, (db) => writeDetails(db, clubId, id));
}

async function writeDetails(db: Db, clubId: string, runId: string): Promise<void> {
  const held = await one<{ arrival: number }>(db, 'run-lock', clubId, runId);
  const fold = held && (await foldOf(db, clubId, runId, held.arrival));
  if (!fold) return;
  const { parts, pairs, clean } = fold.log.details();
  const { plan } = fold.log;
  await run(db, 'details-clear', clubId, runId);
  await run(db, 'details-exercises', clubId, runId, JSON.stringify(isSession(plan) ? plan.exercises : []));
  await run(db, 'details-parts', clubId, runId, JSON.stringify(parts));
  await run(db, 'details-pairs', clubId, runId, JSON.stringify(pairs));
  await run(db, 'details-clean', clubId, runId, JSON.stringify(clean));
  await run(db, 'details-done', clubId, runId, RULES);
}
