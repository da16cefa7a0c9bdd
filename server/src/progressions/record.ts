import type { StageRecord } from '@hopsk/contract';
import { countRun, FAULTS, isSession, type RunPlan } from '@hopsk/core';
import { run, type Db } from '../db/sql.js';
import { eventsOf } from '../runs/runs.js';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));

/**
 * What the runs of a progression say of each stage for one athlete, oldest first: attempts watched for the fault of its watch list
 * that showed most, and how many had it.
 */
export async function stageRecords(db: Db, clubId: string, progressionId: string, athleteId: string): Promise<StageRecord[]> {
  const runs = await run<{ id: string; day: string; plan: RunPlan; tapDelay: number }>(
    db,
    'runs-of-progression',
    clubId,
    progressionId,
    athleteId,
  );
  const records = new Map<string, StageRecord['sessions']>();
  for (const { id, day, plan, tapDelay } of runs.reverse()) {
    if (!isSession(plan)) continue;
    const events = await eventsOf(db, clubId, id);
    plan.exercises.forEach(({ stage, watch }, i) => {
      const counted = countRun(plan, events, catalogue, tapDelay, i);
      const mine = counted.tallies.filter((tally) => tally.athlete === athleteId && tally.attempts > 0 && watch.includes(tally.fault));
      const worst = mine.reduce<(typeof mine)[number] | null>(
        (a, b) => (a === null || b.faulty / b.attempts > a.faulty / a.attempts ? b : a),
        null,
      );
      if (!worst) return;
      const results = Object.entries(counted.results[athleteId] ?? {});
      const good = results.reduce((sum, [result, n]) => sum + (result === 'in' || result === 'hit' ? n : 0), 0);
      const n = results.reduce((sum, [, times]) => sum + times, 0);
      const list = records.get(stage) ?? [];
      list.push({ day, n: worst.attempts, hits: worst.faulty, result: n === 0 ? null : { good, n } });
      records.set(stage, list);
    });
  }
  return [...records].map(([stage, sessions]) => ({ stage, sessions }));
}
