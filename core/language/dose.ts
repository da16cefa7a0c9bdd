import type { Each } from './ast.js';

/** From so many to so many; twice the same where it is fixed. */
export interface Range {
  readonly low: number;
  readonly high: number;
}

/** Seconds that are claimed for a round's work, or for that of all rounds and sets together, rests apart. */
export interface Claim {
  readonly seconds: number;
  readonly for: 'round' | 'all';
}

/** What one round holds. Seconds, repetitions, calls. */
export type Work =
  | { readonly by: 'time'; readonly seconds: Range }
  /** `of`: a double is two steps, a triple three. */
  | { readonly by: 'count'; readonly count: Range; readonly of: 1 | 2 | 3; readonly within: Claim | null }
  | { readonly by: 'calls'; readonly count: Range; readonly within: Claim | null }
  /** Until comfortable, but at least so many seconds; every sum above it is 'at least'. */
  | { readonly by: 'open'; readonly least: number }
  /** One round a count: ladders and pyramids. */
  | { readonly by: 'ladder'; readonly counts: readonly number[] };

/** Both sides or both leads: so much for each, so much together, or not yet said (null), which asks. */
export interface Sides {
  readonly of: Each;
  readonly share: 'each' | 'all' | null;
}

/** Seconds, or from so many to so many; so many times the work before it; or not decided. */
export type Rest = number | Range | { readonly times: number } | null;

/** A moment on the round's clock and what is done at it. */
export interface Chime {
  /** Seconds. */
  readonly every: number;
  /** A line of steps. */
  readonly does: string;
  readonly when: 'at once' | 'at cycle end';
  /** Whether one that falls on the bell counts. */
  readonly onBell: boolean;
}

/** Two ways that take turns from repetition to repetition. */
interface Alternation {
  readonly a: string;
  readonly b: string;
}

/** How much work. A dose may leave things open; whoever runs it is asked for them. */
export interface Dose {
  readonly work: Work;
  readonly sides: Sides | null;
  readonly rounds: Range;
  readonly sets: Range;
  readonly rest: Rest;
  /** Between sets; it replaces the round's rest. */
  readonly setRest: Rest;
  readonly chimes: readonly Chime[];
  readonly alternate: Alternation | null;
  /** What the clock says aloud: each repetition's number, how many are left with it, or each beat. */
  readonly speaks: 'counts' | 'down' | 'beats' | null;
  /** What the beats are called, in order; a beat without a name is its number. */
  readonly beats: readonly string[];
  /** Twice the count. */
  readonly challenge: boolean;
}

/** Seconds that an element is trained at least where a coach says 'until comfortable' (common practice, no source). */
export const OPEN_LEAST = 15;

/** Rests longer than a day are a slip; seconds. */
export const LONGEST_REST = 86_400;

export const exactly = (n: number): Range => ({ low: n, high: n });

/** A dose of one round, from which others are made. */
export const doseBy = (work: Work, more: Partial<Dose> = {}): Dose => ({
  work,
  sides: null,
  rounds: exactly(1),
  sets: exactly(1),
  rest: null,
  setRest: null,
  chimes: [],
  alternate: null,
  speaks: null,
  beats: [],
  challenge: false,
  ...more,
});

/** Which end of every range is taken. */
export type End = 'low' | 'high';

/** The same dose with each range at one of its ends. */
export function atEnd(dose: Dose, end: End): Dose {
  const one = (range: Range): Range => exactly(range[end]);
  const { work } = dose;
  const fixed: Work =
    work.by === 'time'
      ? { ...work, seconds: one(work.seconds) }
      : work.by === 'count' || work.by === 'calls'
        ? { ...work, count: one(work.count) }
        : work;
  const pause = (rest: Rest): Rest => (rest !== null && typeof rest === 'object' && 'low' in rest ? rest[end] : rest);
  return { ...dose, work: fixed, rounds: one(dose.rounds), sets: one(dose.sets), rest: pause(dose.rest), setRest: pause(dose.setRest) };
}

/** Seconds that are claimed for the work of one round; null where nothing is. */
export function claimOf(dose: Dose): number | null {
  const within = 'within' in dose.work ? dose.work.within : null;
  if (within === null) return null;
  return within.for === 'round' ? within.seconds : within.seconds / (roundsOf(dose) * dose.sets.low);
}

/** How many rounds a set has: a ladder has one a count. */
export const roundsOf = (dose: Dose): number => (dose.work.by === 'ladder' ? dose.work.counts.length : dose.rounds.low);

/**
 * Pyramid up to n and down again: 1, 2 … n … 2, 1.
 * @example pyramid(3) // [1, 2, 3, 2, 1]
 */
export const pyramid = (n: number): number[] => [
  ...Array.from({ length: n }, (_, i) => i + 1),
  ...Array.from({ length: Math.max(0, n - 1) }, (_, i) => n - 1 - i),
];

/**
 * How often each of two ways that take turns comes in n repetitions: unequal where n is odd.
 * @example turnsOf(7) // [4, 3]
 */
export const turnsOf = (n: number): readonly [number, number] => [Math.ceil(n / 2), Math.floor(n / 2)];

/** Limits of what a dose may hold, for reading and for forms: seconds, counts. */
export const DOSE_LIMITS = {
  characters: 400,
  seconds: 3600,
  count: 1000,
  rounds: 100,
  sets: 50,
  rest: LONGEST_REST,
  ladder: 40,
  chimes: 6,
  beats: 24,
  errors: 20,
} as const;
