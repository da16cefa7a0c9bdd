import type { StageRecord } from '@hopsk/contract/session';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { countRun, type RunCount } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import { isSession, type RunPlan } from '@hopsk/core/plan/run-plan';
import { run, type Db } from '../db/sql.js';
import { toEvent, type EventRow } from '../runs/events.js';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));

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
  const logs = new Map<string, RunEvent[]>();
  for (const { runId, ...row } of await run<EventRow & { runId: string }>(db, 'events-of-runs', clubId, ids)) {
    const log = logs.get(runId) ?? [];
    log.push(toEvent(row));
    logs.set(runId, log);
  }
  const records = new Map<string, StageRecord['sessions']>();
  for (const { id, day, plan, tapDelay } of runs.reverse()) {
    if (!isSession(plan)) continue;
    plan.exercises.forEach(({ stage, watch }, i) => {
      // Only the faults that the stage looks for have attempts here; others need not be counted.
      const looked = new Map([...catalogue].filter(([code]) => watch.includes(code)));
      const said = sessionOf(countRun(plan, logs.get(id) ?? [], looked, tapDelay, i), athleteId, watch);
      if (said) records.set(stage, [...(records.get(stage) ?? []), { day, ...said }]);
    });
  }
  return [...records].map(([stage, sessions]) => ({ stage, sessions }));
}

/** One stage of one run for one athlete; null where nothing of its watch list was looked at. */
function sessionOf(
  { tallies, results }: RunCount,
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
