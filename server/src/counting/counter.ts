import type { Tally } from '@hopsk/core/log/count';
import { isSession } from '@hopsk/core/plan/run-plan';
import type { Changes, Detailed, Step, WholeRun } from './counts.js';
import { eventsIn, foldOf, type Fold, type Folds } from './folds.js';

/** Counts runs where it stands; the work that a thread does. */
export class Counter {
  constructor(private readonly folds: Folds) {}

  add(step: Step, log: string): Changes | number {
    const fold = this.folds.take(step);
    if (typeof fold === 'number') return fold;
    fold.log.take(eventsIn(log));
    return this.said(fold, step);
  }

  whole(run: WholeRun, step: Step | null): Changes {
    return this.said({ arrival: 0, log: foldOf(run), written: null, holds: false }, step);
  }

  keep(step: Step): void {
    this.folds.keep(step);
  }

  details(run: WholeRun): Detailed {
    const log = foldOf(run);
    return { ...log.details(), exercises: isSession(log.plan) ? log.plan.exercises : [] };
  }

  private said({ log, written }: Fold, step: Step | null): Changes {
    const now = { tallies: log.talliesAt(log.latest), praise: log.praise(), ended: log.clock.status === 'ended' };
    if (step) this.folds.put(step.key, { arrival: step.arrival, log, written: now, holds: false });
    return changesOf(written, now);
  }
}

const keyOf = ({ athlete, fault }: Tally): string => `${athlete} ${fault}`;

function changesOf(written: Fold['written'], now: NonNullable<Fold['written']>): Changes {
  const before = new Map((written?.tallies ?? []).map((row) => [keyOf(row), row]));
  const there = new Set(now.tallies.map(keyOf));
  const nobodys = Object.fromEntries(Object.keys(written?.praise ?? {}).map((athlete) => [athlete, 0]));
  return {
    clear: written === null,
    gone: [...before.values()].filter((row) => !there.has(keyOf(row))),
    changed: now.tallies.filter((row) => JSON.stringify(before.get(keyOf(row))) !== JSON.stringify(row)),
    praise: Object.fromEntries(
      Object.entries({ ...nobodys, ...now.praise }).filter(([athlete, times]) => written?.praise[athlete] !== times),
    ),
    ended: written?.ended === now.ended ? null : now.ended,
  };
}
