import type { Decided } from './decisions.js';

/** Somebody who may be watched: what they work on, and what was seen of it lately. */
export interface MayBeWatched {
  readonly id: string;
  /** Faults by code, the most important first. */
  readonly focus: readonly string[];
  readonly seen: readonly { readonly fault: string; readonly attempts: number; readonly faulty: number }[];
}

/** Whom to watch next, for what, and what was seen of it lately. */
export interface WatchNext {
  readonly id: string;
  readonly fault: string;
  readonly attempts: number;
  readonly faulty: number;
}

/**
 * Who is to be watched next, and for what: of each the fault of their focus that was watched least, whoever was watched least first. Who
 * has no focus is watched for what was suggested.
 * @param suggested by id, what their fault book puts first.
 * @example watchNext([{ id: 'a', focus: ['tall'], seen: [{ fault: 'tall', attempts: 9, faulty: 3 }] }, { id: 'b', focus: ['deep'], seen: [] }]).map(({ id }) => id) // ['b', 'a']
 */
export function watchNext(people: readonly MayBeWatched[], suggested: ReadonlyMap<string, string> = new Map()): WatchNext[] {
  return people
    .flatMap(({ id, focus, seen }): WatchNext[] => {
      const first = suggested.get(id);
      const faults = focus.length > 0 ? focus : first === undefined ? [] : [first];
      const known = faults.map((fault) => ({ id, fault, ...sumOf(seen.find((one) => one.fault === fault)) }));
      // What was watched least, the more important of two alike.
      return known.sort((a, b) => a.attempts - b.attempts).slice(0, 1);
    })
    .sort((a, b) => a.attempts - b.attempts);
}

const sumOf = (seen?: { readonly attempts: number; readonly faulty: number }) => ({
  attempts: seen?.attempts ?? 0,
  faulty: seen?.faulty ?? 0,
});

/** A fault of a book, as far as it may have been left open. */
interface Entry {
  readonly fault: string;
  /** What the rule of thumb offers. */
  readonly decision: Decided | 'not enough';
  readonly lookAgain: { readonly due: string } | null;
  readonly sessions: readonly { readonly day: string }[];
}

/** Something that waits for the coach: a step back or on that is offered, or a fault to look at again. */
export interface LeftOpen {
  readonly fault: string;
  readonly what: 'back' | 'again' | 'next';
}

const ORDER: readonly LeftOpen['what'][] = ['back', 'again', 'next'];

/**
 * What was left open of somebody's faults: steps that the rule offers and nobody decided on since the last evening, and faults whose day
 * to be looked at again has come. Steps back first, then those to be looked at, then steps on.
 * @param day today, YYYY-MM-DD.
 * @example leftOpen([{ fault: 'tall', decision: 'back', lookAgain: null, sessions: [{ day: '2026-11-20' }] }], [], '2026-11-21') // [{ fault: 'tall', what: 'back' }]
 */
export function leftOpen(
  entries: readonly Entry[],
  decisions: readonly { readonly fault: string; readonly day: string; readonly takenBack: boolean }[],
  day: string,
): LeftOpen[] {
  return entries
    .flatMap(({ fault, decision, lookAgain, sessions }): LeftOpen[] => {
      const last = sessions.at(-1)?.day ?? '';
      const decided = decisions.some((one) => one.fault === fault && !one.takenBack && one.day >= last);
      if (!decided && (decision === 'back' || decision === 'next')) return [{ fault, what: decision }];
      return lookAgain !== null && lookAgain.due <= day ? [{ fault, what: 'again' }] : [];
    })
    .sort((a, b) => ORDER.indexOf(a.what) - ORDER.indexOf(b.what));
}
