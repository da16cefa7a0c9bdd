import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { BOOK_RULES } from './book-rules.js';
import { lookAgain } from './look-again.js';
import { recurrenceOf } from './recurrence.js';

const day = (n: number): string => new Date(Date.UTC(2026, 0, 1 + n)).toISOString().slice(0, 10);

/** Seen in the first of eight evenings, so that the second review clears it on day 49. */
const cleared = Array.from({ length: 8 }, (_, i) => ({ day: day(7 * i), n: 60, hits: i === 0 ? 1 : 0 }));
const dueAfter = (...days: number[]) => {
  const evenings = [...cleared, ...days.map((n) => ({ day: day(n), n: 60, hits: 0 }))];
  return lookAgain(evenings, recurrenceOf(evenings));
};

describe('a cleared fault', () => {
  it('is due for a look two weeks after it was cleared, and after twice as many with each look that came when it was due', () => {
    expect(dueAfter()).toEqual({ due: day(49 + 14), weeks: 2 });
    expect(dueAfter(63)).toEqual({ due: day(63 + 28), weeks: 4 });
    expect(dueAfter(63, 100)).toEqual({ due: day(100 + 56), weeks: 8 });
  });

  it('is not put off by evenings before it is due, nor by those that could not show it', () => {
    expect(dueAfter(50, 56, 62)).toEqual(dueAfter());
    const evenings = [...cleared, { day: day(80), n: 0, hits: 0 }];
    expect(lookAgain(evenings, recurrenceOf(evenings))).toEqual(dueAfter());
  });

  it('is looked at within half a year however long it stays away; what is not cleared is not due', () => {
    holds(
      fc.property(fc.uniqueArray(fc.integer({ min: 50, max: 1500 }), { maxLength: 12 }), (days) => {
        const inOrder = days.sort((a, b) => a - b);
        const due = dueAfter(...inOrder);
        expect(due?.weeks).toBeGreaterThanOrEqual(BOOK_RULES.lookAgain.first);
        expect(due?.weeks).toBeLessThanOrEqual(BOOK_RULES.lookAgain.most);
        expect((due?.due ?? '') > day((inOrder.at(-1) ?? 49) - 1)).toBeTrue();
      }),
    );
    const recurs = cleared.map((one) => ({ ...one, hits: 20 }));
    expect(lookAgain(recurs, recurrenceOf(recurs))).toBeNull();
  });
});
