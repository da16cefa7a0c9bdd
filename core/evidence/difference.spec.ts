import { evenings } from '../testing/evenings.js';
import { CASES } from '../testing/holds.js';
import { differenceOf, hybrid } from './difference.js';
import { wilson } from './proportion.js';

describe('the difference of two periods', () => {
  // Newcombe 1998, Statistics in Medicine 17:873, table II, method 10, 95 % (value from memory).
  for (const [a, m, b, n, low, high] of [
    [56, 70, 48, 80, 0.0524, 0.3339],
    [9, 10, 3, 10, 0.1705, 0.809],
    [6, 7, 2, 7, 0.0582, 0.8062],
    [5, 56, 0, 29, -0.0381, 0.1926],
    [0, 10, 0, 20, -0.1611, 0.2775],
  ] as const)
    it(`of ${a}/${m} and ${b}/${n} is Newcombe’s`, () => {
      const interval = hybrid(a / m, wilson(a, m), b / n, wilson(b, n));
      expect(interval.low).toBeCloseTo(low, 4);
      expect(interval.high).toBeCloseTo(high, 4);
    });

  it('turned round it is the other way round; with nothing watched in one of them there is none', () => {
    const [one, two] = [
      [
        { hits: 9, n: 20 },
        { hits: 7, n: 15 },
      ],
      [
        { hits: 2, n: 20 },
        { hits: 3, n: 25 },
      ],
    ];
    const [there, back] = [differenceOf(one, two), differenceOf(two, one)];
    expect(there?.value).toBeCloseTo(5 / 45 - 16 / 35, 9);
    expect(there?.low).toBeCloseTo(-(back?.high ?? 0), 9);
    expect(differenceOf(one, [{ hits: 0, n: 0 }])).toBeNull();
  });

  it('of alike evenings holds the true one in 93 % and more of 95 (simulation, ours)', () => {
    const made = evenings(20_261_128);
    for (const [before, after] of [
      [0.3, 0.3],
      [0.45, 0.15],
      [0.1, 0.2],
    ] as const)
      for (const rho of [0, 0.1]) {
        const held = Array.from({ length: CASES }, () => {
          const of = { rho, evenings: 4, chances: [8, 20] } as const;
          const difference = differenceOf(made({ ...of, rate: before }), made({ ...of, rate: after }));
          return difference !== null && difference.low <= after - before && after - before <= difference.high;
        }).filter(Boolean).length;
        expect(held / CASES)
          .withContext(`${before} ${after} ${rho}`)
          .toBeGreaterThan(0.93 - 3 * Math.sqrt((0.93 * 0.07) / CASES));
      }
  });
});
