import { faultsByCode } from '@hopsk/core/catalogue/faults';
import type { RunCount } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import { RunLog } from '@hopsk/core/log/run-log';
import { unfoldsTo } from '@hopsk/core/plan/unfolds';
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

/** Events that stand as the JSON of a list. */
export const eventsIn = (text: string): RunEvent[] => JSON.parse(text) as RunEvent[];

/** The log of a run from its first event. */
export function foldOf({ basics: { plan, views, faults, merged, tapDelay, athletes }, log: text }: WholeRun): RunLog {
  const log = new RunLog(plan, faultsByCode({ views, faults }), tapDelay, athletes, merged);
  log.take(eventsIn(text));
  return log;
}

/** Bytes that a folded log takes for each occasion and chance of its plan, and for each event: half as much again as `npm run bench` measures ('a folded log holds'). */
const BYTES = { chance: 150, event: 2500 } as const;
/** About how much a folded log takes (bytes). */
export function sizeOf({ log, arrival }: Pick<Fold, 'log' | 'arrival'>): number {
  const { occasions, chances } = unfoldsTo(log.plan);
  return (occasions + chances) * BYTES.chance + arrival * BYTES.event;
}

/**
 * Logs that were folded lately, so that one more tap costs the same however many there were. One that is taken out is changed, and holds
 * only when it was put back and written.
 */
export class Folds {
  private readonly kept = new Map<string, Fold>();
  private readonly sizes = new Map<string, number>();
  private bytes = 0;
  /** @param most bytes of all of them together, as `sizeOf` has them. One is always kept. */
  constructor(private readonly most: number) {}

  /**
   * A log as it was before a step. Where another server added since: up to which arrival it is remembered, so that it can be taken out
   * by a step from there; what that server wrote of it is not known. 0 where nothing of it is remembered that holds.
   */
  take({ key, before }: Step): Fold | number {
    const fold = this.kept.get(key);
    if (fold?.holds && fold.arrival < before) {
      this.kept.set(key, { ...fold, written: null });
      return fold.arrival;
    }
    this.drop(key);
    return fold?.holds && fold.arrival === before ? fold : 0;
  }

  put(key: string, fold: Fold): void {
    this.drop(key);
    const size = sizeOf(fold);
    this.kept.set(key, fold);
    this.sizes.set(key, size);
    this.bytes += size;
    for (const oldest of this.kept.keys()) {
      if (this.kept.size === 1 || this.bytes <= this.most) break;
      this.drop(oldest);
    }
  }

  private drop(key: string): void {
    this.kept.delete(key);
    this.bytes -= this.sizes.get(key) ?? 0;
    this.sizes.delete(key);
  }

  keep({ key, arrival }: Step): void {
    const fold = this.kept.get(key);
    if (fold?.arrival === arrival) this.kept.set(key, { ...fold, holds: true });
  }
}
