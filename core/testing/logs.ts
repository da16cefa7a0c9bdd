import { fromEarlier, type EarlierEvent } from '../log/earlier.js';
import type { RunEvent } from '../log/event.js';

/** An event of a spec's log: what it says and the second of the plan at which it came. */
export type Loose = Partial<EarlierEvent> & { readonly kind: EarlierEvent['kind']; readonly t: number };

/** A log whose wall clock follows the plan from zero, with ids e0, e1 …; where nothing is said, it is about this athlete, on the floor. */
export const logOf = (loose: readonly Loose[], athlete = 'ada'): RunEvent[] =>
  fromEarlier(
    'spec',
    loose.map(
      (event, n) =>
        ({ id: `e${n}`, n, at: event.t * 1000, athlete, source: 'floor', clip: null, side: null, fault: null, ...event }) as EarlierEvent,
    ),
  );
