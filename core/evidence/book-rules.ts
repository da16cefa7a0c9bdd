import { EVIDENCE, type Evidence } from '../plan/session/evidence-rule.js';
import type { RecurrenceRule } from './recurrence.js';
import type { RunningRule } from './sequential.js';

/** By which rule: the rule of thumb, or the running test. */
export const DECIDED_BY = ['thumb', 'running'] as const;
export type DecidedBy = (typeof DECIDED_BY)[number];

/** The numbers by which a fault book is read: a club's own, or ours. */
export interface BookRules {
  readonly recurrence: RecurrenceRule;
  /** The rule that says what comes next where the coach has not decided. */
  readonly by: DecidedBy;
  readonly thumb: Evidence;
  readonly running: RunningRule;
  /** Days without any evening that make a break. */
  readonly breakDays: number;
  /** Weeks until a cleared fault is looked at again: at first, and at most. */
  readonly lookAgain: { readonly first: number; readonly most: number };
}

/**
 * Ours, where a club says nothing else (common practice, no source). Numbers alone: pages that keep what a club teaches have them, and not
 * what is computed by them.
 */
export const BOOK_RULES: BookRules = {
  recurrence: { every: 4, seen: 2, of: 4, wrong: 0.05, reviews: 6, gone: 0.1 },
  by: 'thumb',
  thumb: EVIDENCE,
  running: { good: 0.1, bad: 0.3, wrongBack: 0.05, wrongNext: 0.05, most: 12 },
  breakDays: 21,
  lookAgain: { first: 2, most: 26 },
};

/** What cannot be together: the first names the number that has to lie under, or at most at, the second. */
export type Crossed = 'seen' | 'back' | 'good' | 'look';

/**
 * Which of a club's numbers contradict each other; each alone is held to its bounds where it comes in.
 * @example crossedIn({ ...BOOK_RULES, thumb: { ...BOOK_RULES.thumb, back: 0.95 } }) // ['back']
 */
export function crossedIn({ recurrence, thumb, running: test, lookAgain }: BookRules): Crossed[] {
  return [
    ...(recurrence.seen > recurrence.of ? (['seen'] as const) : []),
    ...(thumb.back > thumb.next ? (['back'] as const) : []),
    ...(test.good >= test.bad ? (['good'] as const) : []),
    ...(lookAgain.first > lookAgain.most ? (['look'] as const) : []),
  ];
}
