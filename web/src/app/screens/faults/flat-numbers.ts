import { NUMBERS } from '@hopsk/contract/book-numbers';
import type { BookRules } from '@hopsk/core/evidence/book-rules';
import { numbers, type Reads } from '../../ui/reads';

export type NumberName = keyof typeof NUMBERS;
export type FlatNumbers = Readonly<Record<NumberName, number>> & { readonly by: BookRules['by'] };

/** Which numbers stand together, in the order in which they are read. */
export const GROUPS = {
  recurs: ['every', 'seen', 'of', 'gone', 'wrong', 'reviews'],
  thumb: ['next', 'back', 'sessions', 'attempts'],
  running: ['good', 'bad', 'wrongTest', 'most'],
  time: ['breakDays', 'first', 'longest'],
} as const satisfies Record<string, readonly NumberName[]>;

const SHARES: readonly NumberName[] = ['gone', 'wrong', 'next', 'back', 'good', 'bad', 'wrongTest'];

/** How a box reads one of them: shares are typed of 100. */
export function readsOf(name: NumberName): Reads<number> {
  const [low, high] = NUMBERS[name];
  return SHARES.includes(name) ? numbers({ low: low * 100, high: high * 100, scale: 100 }) : numbers({ low, high, whole: true });
}

/** A club's numbers, each by its name. */
export const flatOf = ({ recurrence, by, thumb, running, breakDays, lookAgain }: BookRules): FlatNumbers => ({
  ...recurrence,
  ...thumb,
  ...{ by, breakDays, good: running.good, bad: running.bad, wrongTest: running.wrongNext, most: running.most },
  ...{ first: lookAgain.first, longest: lookAgain.most },
});

/** The same back: the running test is wrong as rarely one way as the other. */
export function rulesOf(flat: FlatNumbers): BookRules {
  const { every, seen, of, wrong, reviews, gone, by, next, back, attempts, sessions, good, bad, wrongTest, most, breakDays } = flat;
  return {
    recurrence: { every, seen, of, wrong, reviews, gone },
    by,
    thumb: { next, back, attempts, sessions },
    running: { good, bad, wrongBack: wrongTest, wrongNext: wrongTest, most },
    breakDays,
    lookAgain: { first: flat.first, most: flat.longest },
  };
}
