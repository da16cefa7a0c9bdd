import type { BookRules, DecidedBy } from '@hopsk/core/evidence/book-rules';
import type { CameOf, Decided } from '@hopsk/core/evidence/decisions';
import type { Decision } from '@hopsk/core/evidence/decide';
import type { LookAgain } from '@hopsk/core/evidence/look-again';
import { evenings, held, per100 } from './differences.js';

const DECIDED: Readonly<Record<Decided, string>> = { next: 'move on', stay: 'stay', back: 'step back' };
const weeks = (n: number): string => `${n} ${n === 1 ? 'week' : 'weeks'}`;
const SAID: Readonly<Record<Decision, string>> = { ...DECIDED, 'not enough': 'too few looked at' };
const RULES: Readonly<Record<DecidedBy, string>> = { thumb: 'rule of thumb', running: 'running test' };

/** A season of an athlete, and what was decided in it. */
export const season = {
  season: {
    title: 'Season',
    of: 'of',
    back: 'fault book',
    map: 'Evening by evening',
    mapSays:
      'Per 100 watched attempts; the darker, the more often. Hatched: tapped where it could not be watched, how often. Empty: not watched.',
    few: (least: number): string => `Of fewer than ${least} attempts: how many of how many.`,
    fault: 'fault',
    earlier: (n: number): string => `show ${n} earlier evenings`,
    away: (weeks: number): string => `${weeks} weeks away`,
    cellSays: (faulty: number, attempts: number, rate: number, low: number, high: number): string =>
      `${faulty} of ${attempts}: ${per100(rate)} per 100, between ${per100(low)} and ${per100(high)}`,
    noted: (n: number): string => `tapped ${n} × where it could not be watched`,
    flags: { next: 'on', stay: 'stay', back: 'back' } satisfies Record<Decided, string>,
    decisions: 'What was decided',
    none: 'Nothing was decided yet. One fault opened in the fault book has a place for it.',
    decided: DECIDED,
    rules: RULES,
    said: (rule: DecidedBy, said: Decision): string => `${RULES[rule]}: ${SAID[said]}`,
    came: ({ evenings: n, since, until, difference }: CameOf): string => {
      const next = until === null ? '' : `, up to the next decision on ${until}`;
      if (n === 0) return `Not watched since${next}.`;
      const told = `${since.hits} of ${since.n} on ${evenings(n)} since${next}.`;
      return difference === null ? told : `${told} ${held(difference, 'That is', 'in the evenings before')}`;
    },
    cameSays: 'What came after it need not have come of it.',
    by: (who: string | null): string => (who === null ? 'from a file' : who),
    takenBack: 'taken back',
    takeBack: 'take back',
    takeBackSays: 'It stays in the book as taken back.',
    again: 'Look again',
    againSays: ({ first, most }: BookRules['lookAgain']): string =>
      `A cleared fault is looked at again after ${weeks(first)}, and after twice as many with each look, ${weeks(most)} at most.`,
    due: ({ due, weeks }: LookAgain, today: string): string =>
      due <= today ? `due since ${due}` : `on ${due}, ${weeks} weeks after the last look`,
    never: 'In focus, and not watched',
    decide: 'You decide',
    decideSays: 'Neither rule decides for you. What you decide stays here with why, and beside it what comes after.',
    to: 'what is decided',
    rule: 'by which rule',
    why: 'why',
    whySays: 'A line for yourself and the other coaches.',
    keep: 'keep it',
    kept: 'Kept.',
    reached: (day: string): string => `It came to that on ${day}, and says so until you decide to move on or back: then it begins anew.`,
    begins: (after: string): string => `The running test began anew after ${after}.`,
  },
};
