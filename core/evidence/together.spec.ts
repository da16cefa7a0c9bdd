import fc from 'fast-check';
import { seeded } from '../motion/seeded.js';
import { CASES, holds } from '../testing/holds.js';
import { ASKED_FROM, comingTogether, commonOf, pairSums, type PairIn } from './together.js';

const table = (both: number, one: number, second: number, neither: number): PairIn => ({ both, one, second, neither });

describe('faults that come together', () => {
  it('the common odds and the test are those of R’s documentation for admissions at Berkeley, six departments (values from memory)', () => {
    const departments = [
      table(512, 313, 89, 19),
      table(353, 207, 17, 8),
      table(120, 205, 202, 391),
      table(138, 279, 131, 244),
      table(53, 138, 94, 299),
      table(22, 351, 24, 317),
    ];
    const { odds, excess, variance } = commonOf(departments);
    expect(odds).toBeCloseTo(0.9046968, 6);
    expect((Math.abs(excess) - 0.5) ** 2 / variance).toBeCloseTo(1.4269, 3);
  });

  it('one table alone: its own odds, and the variance of the hypergeometric distribution', () => {
    holds(
      fc.property(fc.tuple(...[1, 2, 3, 4].map(() => fc.integer({ min: 1, max: 40 }))), (cells) => {
        const [both, one, second, neither] = cells as [number, number, number, number];
        const { odds, excess, variance } = commonOf([table(both, one, second, neither)]);
        expect(odds).toBeCloseTo((both * neither) / (one * second), 9);
        // By all that could be with these margins, each by the one before it.
        const [first, other, n] = [both + one, both + second, both + one + second + neither];
        let [weight, weights, mean, squares] = [1, 0, 0, 0];
        for (let k = Math.max(0, first + other - n); k <= Math.min(first, other); k++) {
          weights += weight;
          mean += k * weight;
          squares += k * k * weight;
          weight *= ((first - k) * (other - k)) / ((k + 1) * (n - first - other + k + 1));
        }
        expect(excess).toBeCloseTo(both - mean / weights, 6);
        expect(variance).toBeCloseTo(squares / weights - (mean / weights) ** 2, 6);
      }),
    );
  });

  it('a bad evening alone brings none together; few occasions are not asked', () => {
    // In each run they have nothing to do with each other; in one run both are frequent, in the others rare.
    const apart = [table(36, 12, 12, 4), ...Array.from({ length: 6 }, () => table(1, 9, 9, 81))];
    const pair = { fault: 'heels-down', other: 'slow-first' };
    const [found] = comingTogether(pairSums(apart.map((one) => ({ ...pair, ...one }))));
    expect(found?.found).toBeFalse();
    expect(commonOf(apart).odds).toBeCloseTo(1, 6);
    expect(found?.runs).toBe(7);
    expect(comingTogether(pairSums([{ ...pair, ...table(ASKED_FROM - 2, 1, 0, 500) }]))).toEqual([]);
    expect(comingTogether(pairSums([{ ...pair, ...table(ASKED_FROM - 1, 1, 0, 500) }])).map((one) => one.found)).toEqual([true]);
  });

  it('never apart from each other and never together are both said with finite chances', () => {
    const pair = { fault: 'a', other: 'b' };
    expect(comingTogether(pairSums([{ ...pair, ...table(30, 0, 0, 0) }]))[0]).toEqual(
      jasmine.objectContaining({ chance: 1, found: false }),
    );
    expect(comingTogether(pairSums([{ ...pair, ...table(0, 20, 20, 40) }]))[0]).toEqual(
      jasmine.objectContaining({ both: 0, found: false }),
    );
  });

  it('of pairs that have nothing to do with each other, any is said to come together in 5 % of athletes at most (simulation, ours)', () => {
    const random = seeded(20_261_128);
    const athletes = Array.from({ length: CASES }, () => {
      const rows = ['b', 'c', 'd', 'e', 'f'].flatMap((other) =>
        Array.from({ length: 6 }, () => {
          // Both go up and down from run to run.
          const [p, q] = [0.1 + 0.3 * random(), 0.1 + 0.3 * random()];
          const of = { both: 0, one: 0, second: 0, neither: 0 };
          for (let i = 0; i < 20; i++) {
            const [first, second] = [random() < p, random() < q];
            of[first ? (second ? 'both' : 'one') : second ? 'second' : 'neither']++;
          }
          return { fault: 'a', other, ...of };
        }),
      );
      return comingTogether(pairSums(rows)).some(({ found }) => found);
    });
    const wrong = athletes.filter(Boolean).length / CASES;
    expect(wrong).toBeLessThan(0.05 + 3 * Math.sqrt((0.05 * 0.95) / CASES));
  });
});
