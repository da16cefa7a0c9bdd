import fc from 'fast-check';
import { evenings as madeUp } from '../testing/evenings.js';
import { CASES, holds } from '../testing/holds.js';
import type { Cluster } from './likeness.js';
import { BOOK_RULES } from './book-rules.js';
import { recurrenceOf, type FaultState } from './recurrence.js';

/** Evenings of so many chances, with so many hits each. */
const of = (n: number, ...hits: readonly number[]): Cluster[] => hits.map((one) => ({ hits: one, n }));
const states = (evenings: readonly Cluster[]): FaultState[] => recurrenceOf(evenings).reviews.map(({ state }) => state);

describe('what recurs', () => {
  it('is decided at reviews: every four evenings that could show it', () => {
    expect(recurrenceOf([])).toEqual({ state: 'clear', why: { code: 'unseen', evenings: 0, n: 0 }, reviews: [], next: 4 });
    expect(recurrenceOf(of(20, 0, 6))).toEqual({ state: 'new', why: { code: 'first', evenings: 1, more: 2 }, reviews: [], next: 2 });
    const four = of(20, 6, 5, 7, 4);
    expect(recurrenceOf(four).state).toBe('recurring');
    // Evenings that could not show it neither clear nor convict.
    const between = four.flatMap((one) => [{ hits: 0, n: 0 }, one]);
    expect(recurrenceOf(between)).toEqual(recurrenceOf(four));
    // What is seen between reviews changes no state, whatever it is.
    for (const more of [of(20, 0, 0, 0), of(20, 20, 20, 20)]) {
      const { state, why, reviews, next } = recurrenceOf([...four, ...more]);
      expect([state, why, reviews, next]).toEqual([recurrenceOf(four).state, recurrenceOf(four).why, recurrenceOf(four).reviews, 1]);
    }
  });

  it('goes its way: seen once, recurring, fading, cleared, returned', () => {
    expect(states(of(20, 0, 0, 1, 0))).toEqual(['new']);
    expect(states(of(20, 0, 0, 0, 0, 0, 2, 0, 0))).toEqual(['clear', 'new']);
    const way = of(30, 14, 15, 16, 13, 3, 2, 3, 2, 0, 0, 0, 0, 0, 0, 0, 0, 5, 6, 4, 7);
    expect(states(way)).toEqual(['recurring', 'fading', 'cleared', 'cleared', 'returned']);
    const [, fading, cleared] = recurrenceOf(way).reviews;
    expect(fading?.why).toEqual(jasmine.objectContaining({ code: 'lower', earlier: 58 / 120, later: 10 / 120 }));
    expect(cleared?.why).toEqual(jasmine.objectContaining({ code: 'gone', evenings: 4, n: 120, below: 0.1 }));
    // It stays fading as long as it stays lower than it was, however long that is.
    expect(states(of(30, 14, 15, 16, 13, ...Array.from({ length: 12 }, () => 3)))).toEqual(['recurring', 'fading', 'fading', 'fading']);
    // And recurs again where it is not lower any more.
    expect(states(of(30, 14, 15, 16, 13, 3, 2, 3, 2, 14, 15, 14, 16))).toEqual(['recurring', 'fading', 'recurring']);
  });

  it('rarer is not better: with too few looks to tell it goes on recurring, and says so', () => {
    const { state, why } = recurrenceOf(of(8, 2, 1, 2, 1, 0, 1, 0, 0));
    expect([state, why]).toEqual(['recurring', { code: 'rarer', seen: 1, of: 4, asked: 2 }]);
  });

  it('what came back is held against the time since then, and not against the rare one before', () => {
    const zeros = Array.from({ length: 12 }, () => 0);
    const { reviews } = recurrenceOf(of(40, 1, 1, 1, 1, ...zeros, 20, 20, 20, 20, 8, 8, 8, 8));
    expect(reviews.slice(-2).map(({ state }) => state)).toEqual(['returned', 'fading']);
    expect(reviews.at(-1)?.why).toEqual(jasmine.objectContaining({ code: 'lower', earlier: 80 / 160, later: 32 / 160 }));
  });

  it('once more that it was seen does not bring back what was cleared', () => {
    expect(states(of(60, 9, 9, 9, 9, 0, 0, 0, 0, 0, 1, 0, 0))).toEqual(['recurring', 'cleared', 'cleared']);
  });

  it('is the same whatever came first of evenings that could not show it, and every review says so many evenings', () => {
    const evening = fc.integer({ min: 0, max: 30 }).chain((n) => fc.record({ n: fc.constant(n), hits: fc.integer({ min: 0, max: n }) }));
    holds(
      fc.property(fc.array(evening, { maxLength: 40 }), (all) => {
        const { reviews, next } = recurrenceOf(all);
        const could = all.filter(({ n }) => n > 0);
        expect(reviews.map(({ after }) => after)).toEqual(Array.from({ length: Math.floor(could.length / 4) }, (_, i) => 4 * (i + 1)));
        expect(next).toBe(4 - (could.length % 4));
        expect(recurrenceOf(could)).toEqual(recurrenceOf(all));
        // Nothing that comes later changes what a review said.
        expect(recurrenceOf(could.slice(0, -1)).reviews).toEqual(reviews.slice(0, Math.floor((could.length - 1) / 4)));
      }),
    );
  });

  // Simulation, ours: at a constant rate.
  it('a season of 24 evenings at a constant rate is ever told ‘fading’ or ‘cleared’ more seldom than chosen', () => {
    const made = madeUp(20_261_128);
    const { wrong: chosen, gone } = BOOK_RULES.recurrence;
    for (const chances of [
      [8, 20],
      [20, 60],
    ] as const)
      for (const rate of [0.02, 0.1, 0.23, 0.4, 0.6])
        for (const rho of [0, 0.05, 0.1]) {
          // What is rarer than what counts as gone is rightly cleared.
          const isWrong = (state: FaultState): boolean => state === 'fading' || (state === 'cleared' && rate >= gone);
          const wrong = Array.from({ length: CASES }, () => states(made({ rate, rho, evenings: 24, chances })).some(isWrong));
          expect(wrong.filter(Boolean).length / CASES)
            .withContext(`${rate} ${rho} ${chances.join('–')}`)
            .toBeLessThan(chosen + 3 * Math.sqrt((chosen * (1 - chosen)) / CASES));
        }
  });
});
