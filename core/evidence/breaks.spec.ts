import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { BOOK_RULES } from './book-rules.js';
import { lastBreak } from './breaks.js';
import { around } from './decisions.js';
import { differenceOf } from './difference.js';

describe('a break', () => {
  const day = (n: number): string => new Date(Date.UTC(2026, 0, 1 + n)).toISOString().slice(0, 10);

  it('is the latest time of three weeks without an evening, whatever the order, over summer time and the end of a year', () => {
    holds(
      fc.property(fc.array(fc.nat({ max: 500 }), { maxLength: 12 }), (numbers) => {
        const inOrder = [...new Set(numbers)].sort((a, b) => a - b);
        const gaps = inOrder.flatMap((n, i) => (i > 0 ? [[inOrder[i - 1] as number, n] as const] : []));
        const last = gaps.filter(([a, b]) => b - a >= BOOK_RULES.breakDays).at(-1);
        expect(lastBreak(numbers.map(day))).toEqual(last ? { from: day(last[0]), to: day(last[1]), days: last[1] - last[0] } : null);
      }),
    );
  });

  it('is held against the four evenings before it', () => {
    const could = [0, 7, 14, 21, 28, 60, 67].map((n, i) => ({ day: day(n), n: 20, hits: i === 0 ? 20 : i < 5 ? 2 : 9 }));
    const gone = lastBreak(could.map((one) => one.day));
    expect(gone).toEqual({ from: day(28), to: day(60), days: 32 });
    const since = gone && around(could, gone.from, gone.to);
    expect(since).toEqual(differenceOf(could.slice(1, 5), could.slice(5)));
    expect([since?.earlier, since?.later]).toEqual([0.1, 0.45]);
    expect(gone && around(could.slice(0, 5), gone.from, gone.to)).toBeNull();
  });
});
