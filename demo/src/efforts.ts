import type { RunEvent } from '@hopsk/contract/run';
import type { Chance } from './chance.js';

/** Minutes of an evening, and of a long one. */
const MINUTES = [75, 90, 120] as const;
/** As many of a hundred are not asked. */
const UNASKED = 0.12;

/** What those of an evening say of how hard it was, after its last run: written into that run's log. */
export function effortsOf(log: readonly RunEvent[], athletes: readonly string[], long: boolean, chance: Chance): RunEvent[] {
  const last = log.at(-1) as RunEvent;
  const minutes = long ? MINUTES[2] : chance.pick(MINUTES.slice(0, 2));
  return athletes
    .filter(() => chance.next() > UNASKED)
    .map((athlete, i) => ({
      ...{ id: chance.uuid(), device: last.device, seq: last.seq + 1 + i, order: last.order + 1 + i },
      ...{ m: last.m, at: last.at + 20 * 60_000, kind: 'effort' as const, athlete, effort: chance.whole(3, 7), minutes },
    }));
}
