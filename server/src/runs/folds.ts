import type { RunHead } from '@hopsk/contract/run';
import type { OwnViews } from '@hopsk/core/catalogue/fault';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import type { RunCount, Tally } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import { RunLog } from '@hopsk/core/log/run-log';
import { PLAN_LIMITS, unfoldsTo } from '@hopsk/core/plan/unfolds';
import { one, run, type Db } from '../db/sql.js';

/** What a run is counted by. */
type RunBasics = Pick<RunHead, 'plan' | 'tapDelay' | 'athletes'> & { readonly views: OwnViews | null };

/** A run's log from nothing. */
const logOf = ({ plan, tapDelay, athletes, views }: RunBasics): RunLog => new RunLog(plan, faultsByCode(views), tapDelay, athletes);

/** A run's log as it was folded up to an arrival, and what was written of it. */
export interface Fold {
  readonly arrival: number;
  readonly log: RunLog;
  /** Null: not known what is written, so that all of it is written anew. */
  readonly written: (Pick<RunCount, 'tallies' | 'praise'> & { readonly ended: boolean }) | null;
}

/** The log of a run from its first event. */
export async function foldOf(db: Db, clubId: string, runId: string, arrival: number): Promise<Fold | null> {
  const kept = await one<RunBasics>(db, 'run-plan', clubId, runId);
  if (!kept) return null;
  const log = logOf(kept);
  log.take((await run<{ body: RunEvent }>(db, 'events-after', clubId, runId, 0, null)).map(({ body }) => body));
  return { arrival, log, written: null };
}

/** Writes what a log adds up to, as far as it differs from what is written. */
export async function writeCounts(db: Db, clubId: string, runId: string, { log, written }: Fold): Promise<Fold['written']> {
  const [tallies, praise] = [log.talliesAt(log.latest), log.praise()];
  const keyOf = ({ athlete, fault }: Tally): string => `${athlete} ${fault}`;
  const before = new Map((written?.tallies ?? []).map((row) => [keyOf(row), row]));
  const changed = tallies.filter((row) => JSON.stringify(before.get(keyOf(row))) !== JSON.stringify(row));
  const now = new Set(tallies.map(keyOf));
  const gone = [...before.values()].filter((row) => !now.has(keyOf(row)));
  if (written === null) await run(db, 'tallies-clear', clubId, runId);
  if (gone.length > 0) await run(db, 'tallies-gone', clubId, runId, JSON.stringify(gone));
  if (changed.length > 0) await run(db, 'tallies-set', clubId, runId, JSON.stringify(changed));
  const nobodys = Object.fromEntries(Object.keys(written?.praise ?? {}).map((athlete) => [athlete, 0]));
  const said = Object.entries({ ...nobodys, ...praise }).filter(([athlete, times]) => written?.praise[athlete] !== times);
  if (said.length > 0) await run(db, 'praise-set', clubId, runId, JSON.stringify(Object.fromEntries(said)));
  const ended = log.clock.status === 'ended';
  if (written?.ended !== ended) await run(db, 'run-ended', clubId, runId, ended);
  return { tallies, praise, ended };
}

/**
 * Logs that were folded lately, so that one more tap costs the same however many there were. Whoever takes one out puts it back
 * when its transaction is done; what another server added since is seen by the arrival. Two clubs may have runs of one id.
 */
export class Folds {
  private readonly kept = new Map<string, Fold>();
  private readonly sizes = new Map<Fold, number>();
  /** @param size of what all their plans come to, together: a few hundred bytes each. One is always kept. */
  constructor(
    private readonly most = 40,
    private readonly size = 2 * PLAN_LIMITS.chances,
  ) {}

  take(clubId: string, runId: string, arrival: number): Fold | null {
    const key = `${clubId} ${runId}`;
    const fold = this.kept.get(key);
    this.forget(key);
    return fold?.arrival === arrival ? fold : null;
  }

  private forget(key: string): void {
    const fold = this.kept.get(key);
    if (fold) this.sizes.delete(fold);
    this.kept.delete(key);
  }

  put(clubId: string, runId: string, fold: Fold): void {
    const key = `${clubId} ${runId}`;
    this.forget(key);
    this.kept.set(key, fold);
    const { occasions, chances } = unfoldsTo(fold.log.plan);
    this.sizes.set(fold, occasions + chances);
    for (const oldest of this.kept.keys()) {
      const all = [...this.sizes.values()].reduce((sum, one) => sum + one, 0);
      if (this.kept.size === 1 || (this.kept.size <= this.most && all <= this.size)) break;
      this.forget(oldest);
    }
  }
}
