import type { FaultEntry } from '../catalogue/fault.js';
import { costingOf, costOf, type Costing } from './cost.js';
import type { Interval } from './proportion.js';
import { SEQUENTIAL } from './sequential.js';

/** Somebody of a group, and what is known of their faults. */
export interface Watched {
  readonly id: string;
  readonly focus: readonly string[];
  readonly cells: readonly { readonly fault: string; readonly attempts: number; readonly interval: Interval | null }[];
}

/** For what somebody is to be watched: what is known of it, and how much of what would be decided by it is open, 0…1. */
export interface WatchFor extends Costing {
  readonly fault: string;
  readonly attempts: number;
  /** Null: not watched in this time. */
  readonly interval: Interval | null;
  readonly open: number;
}

export interface WatchNext {
  readonly id: string;
  readonly for: readonly WatchFor[];
}

/** So many of a group can be watched well in an hour, each for so many faults (common practice, no source). */
const AT_ONCE = { people: 4, faults: 2 } as const;

/**
 * How much of the range between the rate at which moving on is right and that at which stepping back is lies within an interval: all of
 * it where nothing was watched, none where it is decided either way.
 * @example [openPart(null), openPart({ low: 0, high: 0.2 }), openPart({ low: 0.4, high: 0.7 })] // [1, 0.5, 0]
 */
export function openPart(interval: Interval | null, { good, bad }: { readonly good: number; readonly bad: number } = SEQUENTIAL): number {
  if (interval === null) return 1;
  return Math.max(0, Math.min(bad, interval.high) - Math.max(good, interval.low)) / (bad - good);
}

/**
 * Whom to watch next, and for what: that of which most is open, times what it costs; of what is equal the one watched less first.
 * What is in focus counts also where it was never watched; what is decided is not named.
 */
export function watchNext(
  group: readonly Watched[],
  catalogue: ReadonlyMap<string, Pick<FaultEntry, 'safety' | 'cost'>>,
  range: { readonly good: number; readonly bad: number } = SEQUENTIAL,
): WatchNext[] {
  const asked = group.map(({ id, focus, cells }) => {
    const never = focus.filter((code) => !cells.some(({ fault }) => fault === code));
    const all = [...cells, ...never.map((fault) => ({ fault, attempts: 0, interval: null }))];
    const open = all.map(({ fault, attempts, interval }): WatchFor => {
      const seen = attempts > 0 ? interval : null;
      const told = { fault, attempts, interval: seen, open: openPart(seen, range) };
      return { ...told, ...costingOf(catalogue.get(fault), focus.includes(fault)) };
    });
    return {
      id,
      for: open
        .filter((one) => one.open > 0)
        .sort(byWorth)
        .slice(0, AT_ONCE.faults),
      attempts: sum(all),
    };
  });
  return asked
    .filter((one) => one.for.length > 0)
    .sort((a, b) => worth(b.for[0]) - worth(a.for[0]) || a.attempts - b.attempts || (a.id < b.id ? -1 : 1))
    .slice(0, AT_ONCE.people)
    .map(({ id, for: what }) => ({ id, for: what }));
}

const sum = (all: readonly { readonly attempts: number }[]): number => all.reduce((n, { attempts }) => n + attempts, 0);
const worth = (one: WatchFor | undefined): number => (one ? one.open * costOf(one) : 0);
const byWorth = (a: WatchFor, b: WatchFor): number => worth(b) - worth(a) || a.attempts - b.attempts || (a.fault < b.fault ? -1 : 1);
