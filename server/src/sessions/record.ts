import type { StageRecord } from '@hopsk/contract/session';
import type { OwnViews } from '@hopsk/core/catalogue/fault';
import type { Evening } from '@hopsk/core/evidence/evenings';
import type { RunEvent } from '@hopsk/core/log/event';
import type { RunLog } from '@hopsk/core/log/run-log';
import { isSession, type RunPlan } from '@hopsk/core/plan/run-plan';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from '../db/sql.js';
import { athleteEvenings } from '../runs/evenings.js';
import { logOf } from '../runs/folds.js';

interface SessionRun extends Record<string, unknown> {
  readonly id: string;
  readonly plan: RunPlan;
  readonly tapDelay: number;
  readonly athletes: readonly string[];
  readonly views: OwnViews | null;
}

type Said = StageRecord['sessions'][number];

/**
 * What an athlete's session runs (the last 100) say of each stage, an evening each, oldest first: attempts watched whole, and how many
 * of them were not clean.
 * @param sessionId only runs of this one; null: of all.
 */
export async function stageRecords(db: Db, clubId: string, athleteId: string, sessionId: string | null): Promise<StageRecord[]> {
  const runs = (await run<SessionRun>(db, 'session-runs-of', clubId, athleteId, sessionId)).reverse();
  const ids = runs.map(({ id }) => id);
  const logs = grouped(await run<{ runId: string; body: RunEvent }>(db, 'events-of-runs', clubId, ids), ({ runId }) => runId);
  const evenings = await athleteEvenings(db, clubId, athleteId);
  const records = new Map<string, Map<Evening, Said>>();
  for (const one of runs) {
    const { id, plan } = one;
    const evening = evenings.get(id);
    if (!isSession(plan) || !evening) continue;
    const log = logOf(one);
    log.take((logs.get(id) ?? []).map(({ body }) => body));
    plan.exercises.forEach(({ stage }, i) => {
      const { n, hits } = log.cleanIn(i, athleteId);
      if (n === 0) return;
      const said = records.get(stage) ?? new Map<Evening, Said>();
      records.set(
        stage,
        said.set(evening, together(said.get(evening), { day: evening.day, n, hits, result: resultOf(log, i, athleteId) })),
      );
    });
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

function resultOf(log: RunLog, exercise: number, athlete: string): Said['result'] {
  const { in: inside = 0, hit = 0, out = 0, missed = 0 } = log.inExercise(exercise).results[athlete] ?? {};
  const n = inside + hit + out + missed;
  return n === 0 ? null : { good: inside + hit, n };
}
