import type { StageRecord } from '@hopsk/contract/session';
import type { RunCount } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import { RunLog } from '@hopsk/core/log/run-log';
import { isSession, type RunPlan } from '@hopsk/core/plan/run-plan';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from '../db/sql.js';
import { catalogue } from '../runs/folds.js';

interface SessionRun extends Record<string, unknown> {
  readonly id: string;
  readonly day: string;
  readonly plan: RunPlan;
  readonly tapDelay: number;
}

/**
 * What an athlete's session runs (the last 100) say of each stage, oldest first: attempts watched for the fault of its watch list
 * that showed most, and how many had it.
 * @param sessionId only runs of this one; null: of all.
 */
export async function stageRecords(db: Db, clubId: string, athleteId: string, sessionId: string | null): Promise<StageRecord[]> {
  const runs = await run<SessionRun>(db, 'session-runs-of', clubId, athleteId, sessionId);
  const ids = runs.map(({ id }) => id);
  const logs = grouped(await run<{ runId: string; body: RunEvent }>(db, 'events-of-runs', clubId, ids), ({ runId }) => runId);
  const records = new Map<string, StageRecord['sessions']>();
  for (const { id, day, plan, tapDelay } of runs.reverse()) {
    if (!isSession(plan)) continue;
    const log = new RunLog(plan, catalogue, tapDelay);
    log.take((logs.get(id) ?? []).map(({ body }) => body));
    plan.exercises.forEach(({ stage, watch }, i) => {
      const said = sessionOf(log.inExercise(i), athleteId, watch);
      if (said) records.set(stage, [...(records.get(stage) ?? []), { day, ...said }]);
    });
  }
  return [...records].map(([stage, sessions]) => ({ stage, sessions }));
}

/** One stage of one run for one athlete; null where nothing of its watch list was looked at. */
function sessionOf(
  { tallies, results }: Pick<RunCount, 'tallies' | 'results'>,
  athlete: string,
  watch: readonly string[],
): Omit<StageRecord['sessions'][number], 'day'> | null {
  const [worst] = tallies
    .filter((tally) => tally.athlete === athlete && tally.attempts > 0 && watch.includes(tally.fault))
    .sort((a, b) => b.faulty / b.attempts - a.faulty / a.attempts);
  if (!worst) return null;
  const { in: inside = 0, hit = 0, out = 0, missed = 0 } = results[athlete] ?? {};
  const n = inside + hit + out + missed;
  return { n: worst.attempts, hits: worst.faulty, result: n === 0 ? null : { good: inside + hit, n } };
}
