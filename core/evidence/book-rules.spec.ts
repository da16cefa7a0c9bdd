import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { faultBook, type SessionTally } from './book.js';
import { BOOK_RULES, crossedIn, type BookRules } from './book-rules.js';
import { cameOf } from './decisions.js';
import { firstToFix } from './first-to-fix.js';
import { nextSession } from './next-session.js';

/** An evening a week, 30 chances each, of which so many showed it. */
const weekly = (late: readonly number[], away = 0): SessionTally[] =>
  late.map((faulty, i) => ({
    ...{ day: new Date(Date.UTC(2026, 0, 5 + 7 * i + (i * 2 >= late.length ? away : 0))).toISOString().slice(0, 10), fault: 'tall' },
    ...{ attempts: 30, faulty, noted: 0, left: 0, right: 0 },
  }));
const by = (change: Partial<BookRules>): BookRules => ({ ...BOOK_RULES, ...change });
const read = (late: readonly number[], rules: BookRules, away = 0) => {
  const [entry] = faultBook(weekly(late, away), [], rules);
  if (!entry) throw new Error('no entry');
  return entry;
};

describe('a book read by a club’s own numbers', () => {
  it('reviews come when they say, and it recurs in as many evenings as they ask', () => {
    const often = { ...BOOK_RULES.recurrence, every: 2, seen: 1, of: 2 };
    const { recurrence } = read([0, 3, 0, 0, 0, 4], by({ recurrence: often }));
    expect(recurrence.reviews.map(({ after, state }) => [after, state])).toEqual([
      [2, 'recurring'],
      [4, 'recurring'],
      [6, 'recurring'],
    ]);
    expect(read([0, 3, 0, 0, 0, 4], BOOK_RULES).recurrence.reviews.map(({ after, state }) => [after, state])).toEqual([[4, 'new']]);
  });

  it('what counts as gone is theirs: the lower it is the more evenings it takes', () => {
    const cleared = (gone: number): number | undefined => {
      const late = [9, 9, 9, 9, ...Array<number>(40).fill(0)];
      return read(late, by({ recurrence: { ...BOOK_RULES.recurrence, gone } })).recurrence.reviews.find(({ state }) => state === 'cleared')
        ?.after;
    };
    const taken = [0.2, 0.1, 0.05, 0.03].map((gone) => cleared(gone) ?? Infinity);
    expect(taken).toEqual([...taken].sort((a, b) => a - b));
    expect(new Set(taken).size).toBeGreaterThan(2);
  });

  it('the rule of thumb and the running test go by theirs', () => {
    const late = [4, 4, 4];
    expect(read(late, BOOK_RULES).decision).toBe('stay');
    expect(read(late, by({ thumb: { ...BOOK_RULES.thumb, next: 0.8 } })).decision).toBe('next');
    expect(read(late, by({ thumb: { ...BOOK_RULES.thumb, next: 1, back: 0.9 } })).decision).toBe('back');
    expect(read(late, by({ thumb: { ...BOOK_RULES.thumb, attempts: 31 } })).decision).toBe('not enough');
    // By one in a hundred against five, four of thirty is bad.
    expect(read(late, by({ running: { ...BOOK_RULES.running, good: 0.01, bad: 0.05 } })).running.decision).toBe('back');
    expect(read(late, by({ running: { ...BOOK_RULES.running, good: 0.2, bad: 0.6 } })).running.decision).toBe('next');
  });

  it('a break is as long as they say, and a look comes when they say', () => {
    const late = [9, 9, 9, 9, 1, 1, 1, 1];
    expect(read(late, BOOK_RULES, 7).sinceBreak).toBeNull();
    expect(read(late, by({ breakDays: 14 }), 7).sinceBreak?.days).toBe(14);
    const clear = [9, 9, 9, 9, ...Array<number>(12).fill(0)];
    const due = (first: number): string => read(clear, by({ lookAgain: { first, most: 26 } })).lookAgain?.due ?? '';
    expect(due(2) < due(5)).toBe(true);
  });

  it('the next session goes by the rule that they chose, and what comes of a decision by as many evenings as a review has', () => {
    const late = [9, 9, 9, 9, 9, 9, 2, 2];
    const book = (rules: BookRules) => faultBook(weekly(late), [], rules);
    const reason = (rules: BookRules) => {
      const first = firstToFix(book(rules), [], new Map(), []);
      return nextSession(book(rules), first, [], [], '2026-12-01', rules)[0]?.reason;
    };
    expect(reason(BOOK_RULES)).toEqual(jasmine.objectContaining({ code: 'first', to: 'stay' }));
    expect(reason(by({ by: 'running' }))).toEqual(jasmine.objectContaining({ code: 'first', to: 'back' }));
    const evenings = weekly(late).map(({ day, faulty }) => ({ day, hits: faulty, n: 30 }));
    const change = { fault: 'tall', day: evenings[5]?.day ?? '' };
    const before = (every: number) =>
      cameOf(
        [...evenings.slice(0, 4).map((one) => ({ ...one, hits: 0 })), ...evenings.slice(4)],
        change,
        [],
        by({ recurrence: { ...BOOK_RULES.recurrence, every } }),
      ).difference?.earlier;
    expect([before(2), before(6)]).toEqual([0.3, 0.1]);
  });

  it('whatever they are, within their bounds, a book can be read by them; ours are the ones it is read by unasked', () => {
    const share = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const rules = fc.record({
      recurrence: fc.record({
        ...{ every: fc.integer({ min: 2, max: 12 }), seen: fc.integer({ min: 1, max: 12 }), of: fc.integer({ min: 2, max: 12 }) },
        ...{ wrong: share(0.01, 0.2), reviews: fc.integer({ min: 1, max: 24 }), gone: share(0.02, 0.4) },
      }),
      by: fc.constantFrom('thumb', 'running'),
      thumb: fc.record({
        ...{ next: share(0.5, 1), back: share(0, 0.95) },
        ...{ attempts: fc.integer({ min: 5, max: 200 }), sessions: fc.integer({ min: 1, max: 12 }) },
      }),
      running: fc.record({
        ...{ good: share(0.01, 0.6), bad: share(0.05, 0.9), wrongBack: share(0.01, 0.2), wrongNext: share(0.01, 0.2) },
        most: fc.integer({ min: 3, max: 60 }),
      }),
      breakDays: fc.integer({ min: 7, max: 120 }),
      lookAgain: fc.record({ first: fc.integer({ min: 1, max: 26 }), most: fc.integer({ min: 1, max: 104 }) }),
    }) as fc.Arbitrary<BookRules>;
    holds(
      fc.property(rules, fc.array(fc.nat(30), { maxLength: 40 }), (given, late) => {
        if (crossedIn(given).length > 0) return;
        const [entry] = faultBook(weekly(late), [], given);
        const all = JSON.stringify(entry ?? null);
        expect(all).not.toContain('NaN');
        for (const key of ['rate', 'interval', 'running'] as const) expect(entry?.[key]).not.toBeNull();
        expect(entry?.recurrence.reviews.length ?? 0).toBe(Math.floor(late.length / given.recurrence.every));
      }),
    );
    expect(faultBook(weekly([3, 2, 9, 0, 1]), [], BOOK_RULES)).toEqual(faultBook(weekly([3, 2, 9, 0, 1])));
  });

  it('says which contradict each other', () => {
    expect(crossedIn(BOOK_RULES)).toEqual([]);
    expect(crossedIn(by({ recurrence: { ...BOOK_RULES.recurrence, seen: 5 } }))).toEqual(['seen']);
    expect(crossedIn(by({ running: { ...BOOK_RULES.running, bad: 0.1 } }))).toEqual(['good']);
    expect(crossedIn(by({ lookAgain: { first: 3, most: 2 } }))).toEqual(['look']);
  });
});
