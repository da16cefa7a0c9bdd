import type { StageRecord } from '@hopsk/contract/session';
import type { Evening } from '@hopsk/core/evidence/evenings';
import type { Backing } from '../backing.js';
import { run } from '../db/sql.js';
import { detailed } from '../runs/details.js';
import { athleteEvenings } from '../runs/evenings.js';

interface StageCount extends Record<string, unknown> {
  readonly runId: string;
  readonly stage: string;
  readonly n: number;
  readonly hits: number;
  readonly good: number;
  readonly results: number;
}

type Said = StageRecord['sessions'][number];

/**
 * What an athlete's session runs (the last 100) say of each stage, an evening each, oldest first: attempts watched whole, and how many
 * of them were not clean.
 * @param sessionId only runs of this one; null: of all.
 */
export async function stageRecords(backing: Backing, clubId: string, athleteId: string, sessionId: string | null): Promise<StageRecord[]> {
  const { pool } = backing;
  const ids = (await run<{ id: string }>(pool, 'session-runs-of', clubId, athleteId, sessionId)).map(({ id }) => id);
  await detailed(backing, clubId, ids);
  const evenings = await athleteEvenings(pool, clubId, athleteId);
  const records = new Map<string, Map<Evening, Said>>();
  for (const { runId, stage, n, hits, good, results } of await run<StageCount>(pool, 'stage-counts', clubId, athleteId, ids)) {
    const evening = evenings.get(runId);
    if (!evening) continue;
    const said = records.get(stage) ?? new Map<Evening, Said>();
    const result = results === 0 ? null : { good, n: results };
    records.set(stage, said.set(evening, together(said.get(evening), { day: evening.day, n, hits, result })));
  }
  return [...records].map(([stage, said]) => ({ stage, sessions: [...said.values()] }));
}

/** Runs of one evening are one session. */
function together(before: Said | undefined, now: Said): Said {
  if (!before) return now;
  const [a, b] = [before.result, now.result];
  const result = a && b ? { good: a.good + b.good, n: a.n + b.n } : (a ?? b);
  return { day: before.day, n: before.n + now.n, hits: before.hits + now.hits, result };
}
