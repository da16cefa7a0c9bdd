import type { FaultEntry } from '../catalogue/fault.js';
import type { BookEntry } from '../evidence/book.js';
import type { FirstToFix } from '../evidence/first-to-fix.js';
import { stateIn } from '../evidence/states.js';

/** What a report is made of. */
interface Known {
  readonly entries: readonly BookEntry[];
  readonly first: readonly Pick<FirstToFix, 'fault' | 'rate'>[];
}

/** Of ten tries: what parents read. */
const ofTen = (rate: number): number => Math.round(rate * 10);

/** What holds, and how that is known. */
export type Holds =
  | { readonly fault: string; readonly how: 'gone' | 'rare' }
  | { readonly fault: string; readonly how: 'better'; readonly before: number; readonly now: number };

/** Most of each that are told: a page that is read. */
const MOST = { holds: 4, work: 2 } as const;

/**
 * What holds: what was cleared, what surely shows less often than before, and what was looked for and is surely rare. What is to be
 * worked on is not among them.
 * @param goneBelow the rate under which a fault counts as gone
 */
export function holdsOf({ entries, first }: Known, goneBelow: number): Holds[] {
  const work = new Set(first.map(({ fault }) => fault));
  const told = entries.filter(({ fault }) => !work.has(fault)).flatMap((entry): Holds[] => holds(entry, goneBelow) ?? []);
  return told.slice(0, MOST.holds);
}

function holds(entry: BookEntry, goneBelow: number): Holds[] | null {
  const { fault, lately, interval, recurrence } = entry;
  const state = stateIn(entry);
  if (state === 'cleared') return [{ fault, how: 'gone' }];
  if (state === 'fading' && recurrence.why.code === 'lower') {
    const { earlier, later } = recurrence.why;
    return [{ fault, how: 'better', before: ofTen(earlier), now: ofTen(later) }];
  }
  if (lately && lately.high < 0) return [{ fault, how: 'better', before: ofTen(lately.earlier), now: ofTen(lately.later) }];
  return interval && interval.high < goneBelow ? [{ fault, how: 'rare' }] : null;
}

/** What to work on: of what is to be fixed first the first two, with how often they showed lately and whether they can hurt. */
export const workOf = (
  { first }: Pick<Known, 'first'>,
  catalogue: ReadonlyMap<string, Pick<FaultEntry, 'safety'>>,
): { readonly fault: string; readonly ofTen: number; readonly hurts: boolean }[] =>
  first.slice(0, MOST.work).map(({ fault, rate }) => ({ fault, ofTen: ofTen(rate), hurts: catalogue.get(fault)?.safety === true }));
