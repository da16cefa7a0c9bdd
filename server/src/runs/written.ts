import { CountingFailed, type Changes, type RunBasics, type Step, type WholeRun } from '../counting/counts.js';
import { one, run, type Db } from '../db/sql.js';

/** A run from its first event, as it stands in the database; null without it. */
export async function wholeRun(db: Db, clubId: string, runId: string): Promise<WholeRun | null> {
  const basics = await one<RunBasics & Record<string, unknown>>(db, 'run-plan', clubId, runId);
  if (!basics) return null;
  const row = await one<{ log: string }>(db, 'run-log', clubId, runId);
  return { basics, log: row?.log ?? '[]' };
}

/** A run, and a name for the faults it counts as others: what was counted by others before is not remembered for it. */
export interface Counted {
  readonly id: string;
  readonly merged: string;
}

/** The name under which a run's counting is remembered. */
export const stepOf = (clubId: string, { id, merged }: Counted, before: number, arrival: number): Step => ({
  key: `${clubId} ${id} ${merged}`,
  before,
  arrival,
});

/** What is asked of the counting, or null where it takes more than it may: what came in is kept all the same. */
export async function unlessFailed<T>(asked: Promise<T>): Promise<T | null> {
  try {
    return await asked;
  } catch (error) {
    if (error instanceof CountingFailed) return null;
    throw error;
  }
}

/** Writes what changed of what a run adds up to. */
export async function writeChanges(db: Db, clubId: string, runId: string, { clear, gone, changed, praise, ended }: Changes): Promise<void> {
  if (clear) await run(db, 'tallies-clear', clubId, runId);
  if (gone.length > 0) await run(db, 'tallies-gone', clubId, runId, JSON.stringify(gone));
  if (changed.length > 0) await run(db, 'tallies-set', clubId, runId, JSON.stringify(changed));
  if (Object.keys(praise).length > 0) await run(db, 'praise-set', clubId, runId, JSON.stringify(praise));
  if (ended !== null) await run(db, 'run-ended', clubId, runId, ended);
}
