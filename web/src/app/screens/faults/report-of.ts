import type { Book } from '@hopsk/contract/book';
import type { FaultEntry } from '@hopsk/core/catalogue/fault';
import { RECURRENCE } from '@hopsk/core/evidence/recurrence';
import { stateIn } from '@hopsk/core/evidence/states';

type Entry = Book['entries'][number];

/** What holds, and how that is known. */
export type Holds =
  | { readonly fault: string; readonly how: 'gone' | 'rare' }
  | { readonly fault: string; readonly how: 'better'; readonly before: number; readonly now: number };

/** Most of each that are told: a page that is read. */
const MOST = { holds: 4, work: 2 } as const;

/**
 * What holds: what was cleared, what surely shows less often than before, and what was looked for and is surely rare. What is to be
 * worked on is not among them.
 */
export function holdsOf({ entries, first }: Pick<Book, 'entries' | 'first'>): Holds[] {
  const work = new Set(first.map(({ fault }) => fault));
  const told = entries.filter(({ fault }) => !work.has(fault)).flatMap((entry): Holds[] => holds(entry) ?? []);
  return told.slice(0, MOST.holds);
}

function holds(entry: Entry): Holds[] | null {
  const { fault, lately, interval, recurrence } = entry;
  const state = stateIn(entry);
  if (state === 'cleared') return [{ fault, how: 'gone' }];
  if (state === 'fading' && recurrence.why.code === 'lower') {
    const { earlier, later } = recurrence.why;
    return [{ fault, how: 'better', before: Math.round(earlier * 10), now: Math.round(later * 10) }];
  }
  if (lately && lately.high < 0)
    return [{ fault, how: 'better', before: Math.round(lately.earlier * 10), now: Math.round(lately.later * 10) }];
  return interval && interval.high < RECURRENCE.gone ? [{ fault, how: 'rare' }] : null;
}

/** What to work on: of what is to be fixed first the first two, with how often they showed lately and whether they can hurt. */
export const workOf = (
  { first }: Pick<Book, 'first'>,
  catalogue: ReadonlyMap<string, Pick<FaultEntry, 'safety'>>,
): { readonly fault: string; readonly rate: number; readonly hurts: boolean }[] =>
  first.slice(0, MOST.work).map(({ fault, rate }) => ({ fault, rate, hurts: catalogue.get(fault)?.safety === true }));
