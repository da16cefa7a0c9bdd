import { computed, type Signal } from '@angular/core';
import type { RunHead, RunWhole } from '@hopsk/contract/run';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import type { RunEvent } from '@hopsk/core/log/event';
import { RunLog } from '@hopsk/core/log/run-log';

/** By what a run is counted. */
type Counted = Pick<RunWhole['run'], 'plan' | 'tapDelay' | 'athletes' | 'views' | 'faults' | 'merged'>;

/** A run's log from nothing. */
export const logOf = ({ plan, tapDelay, athletes, views, faults, merged }: Counted, events: readonly RunEvent[]): RunLog => {
  const log = new RunLog(plan, faultsByCode({ views, faults }), tapDelay, athletes, merged ?? null);
  log.take(events);
  return log;
};

/** A log that says when there is more in it: another object each time, around the same log. */
export interface Folded {
  readonly log: RunLog;
}

/** The log of the run at hand; what is new in the list is taken in, what was in it before is not looked at again. */
export function folded(run: Signal<{ readonly head: RunHead } | null>, events: Signal<readonly RunEvent[]>): Signal<Folded | null> {
  let known: { readonly head: RunHead; readonly log: RunLog; n: number } | null = null;
  return computed(() => {
    const [head, all] = [run()?.head, events()];
    if (head === undefined) known = null;
    else if (known === null || known.head !== head || all.length < known.n) known = { head, log: logOf(head, all), n: all.length };
    else {
      known.log.take(all.slice(known.n));
      known.n = all.length;
    }
    return known && { log: known.log };
  });
}
