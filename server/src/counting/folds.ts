import { faultsByCode } from '@hopsk/core/catalogue/faults';
import type { RunCount } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import { RunLog } from '@hopsk/core/log/run-log';
import { PLAN_LIMITS, unfoldsTo } from '@hopsk/core/plan/unfolds';
import type { Step, WholeRun } from './counts.js';

/** A run's log as it was folded up to an arrival, and what was said of it. */
export interface Fold {
  readonly arrival: number;
  readonly log: RunLog;
  /** Null: not known what is written, so that all of it is written anew. */
  readonly written: (Pick<RunCount, 'tallies' | 'praise'> & { readonly ended: boolean }) | null;
  /** Whether what was said of it was written. */
  readonly holds: boolean;
}

/** The log of a run from its first event. */
export function foldOf({ basics: { plan, views, tapDelay, athletes }, log: text }: WholeRun): RunLog {
  const log = new RunLog(plan, faultsByCode(views), tapDelay, athletes);
  log.take(JSON.parse(text) as RunEvent[]);
  return log;
}

/**
 * Logs that were folded lately, so that one more tap costs the same however many there were. One that is taken out is changed, and holds
 * only when it was put back and written; what another server added since is seen by the arrival.
 */
export class Folds {
  private readonly kept = new Map<string, Fold>();
  private readonly sizes = new Map<string, number>();
  /** @param size of what all their plans come to, together: a few hundred bytes each. One is always kept. */
  constructor(
    private readonly most = 40,
    private readonly size = 2 * PLAN_LIMITS.chances,
  ) {}

  take({ key, before }: Step): Fold | null {
    const fold = this.kept.get(key);
    this.kept.delete(key);
    this.sizes.delete(key);
    return fold?.holds && fold.arrival === before ? fold : null;
  }

  put(key: string, fold: Fold): void {
    this.kept.delete(key);
    this.kept.set(key, fold);
    const { occasions, chances } = unfoldsTo(fold.log.plan);
    this.sizes.set(key, occasions + chances);
    for (const oldest of this.kept.keys()) {
      const all = [...this.sizes.values()].reduce((sum, one) => sum + one, 0);
      if (this.kept.size === 1 || (this.kept.size <= this.most && all <= this.size)) break;
      this.kept.delete(oldest);
      this.sizes.delete(oldest);
    }
  }

  keep({ key, arrival }: Step): void {
    const fold = this.kept.get(key);
    if (fold?.arrival === arrival) this.kept.set(key, { ...fold, holds: true });
  }
}
