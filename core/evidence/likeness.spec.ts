import { mean, sampleVariance } from 'simple-statistics';
import { evenings } from '../testing/evenings.js';
import { CASES } from '../testing/holds.js';
import { clusteredWilson, DEFAULT_RHO, designEffect, intervalOf, likenessOf, type Cluster } from './likeness.js';
import { wilson } from './proportion.js';

describe('how alike chances of one evening are', () => {
  const of = (hits: readonly number[], n: number): Cluster[] => hits.map((one) => ({ hits: one, n }));

  it('with evenings of equal size the part between them is the variance of their rates (simple-statistics)', () => {
    const clusters = of([4, 9, 2, 7, 5], 20);
    const rates = clusters.map(({ hits, n }) => hits / n);
    const between = 20 * sampleVariance(rates);
    const p = mean(rates);
    const within = (20 * (rates.length * p - rates.reduce((sum, r) => sum + r * r, 0))) / (100 - 5);
    const raw = (between - within) / (between + 19 * within);
    // Evenings of twenty: the default is worth seven of them.
    expect(likenessOf(clusters).rho).toBeCloseTo((5 * raw + 7 * DEFAULT_RHO) / 12, 9);
    expect(likenessOf(clusters).degrees).toBeCloseTo(11, 9);
  });

  it('periods of different rates, each alike in itself, are not taken for evenings that differ', () => {
    const [low, high] = [of([2, 2, 2, 2], 20), of([12, 12, 12, 12], 20)];
    expect(likenessOf(low, high).rho).toBeLessThan(DEFAULT_RHO);
    expect(likenessOf([...low, ...high]).rho).toBeGreaterThan(0.15);
    // Nothing watched in one of them.
    expect(likenessOf(low, [{ hits: 0, n: 0 }])).toEqual(likenessOf(low));
  });

  it('design effect of equal evenings is 1 + (m − 1)ρ (Kish 1965)', () => {
    expect(designEffect(of([2, 2, 2, 2], 21), 0.05)).toBeCloseTo(2, 9);
  });

  it('is wider over evenings than the plain one, plain for one evening, nothing for nothing', () => {
    const clusters = [
      { hits: 6, n: 26 },
      { hits: 2, n: 30 },
    ];
    const over = clusteredWilson(clusters);
    const plain = wilson(8, 56);
    expect(over?.of).toBe('sessions');
    expect((over?.high ?? 0) - (over?.low ?? 0)).toBeGreaterThan(plain.high - plain.low);
    expect(
      clusteredWilson([
        { hits: 6, n: 26 },
        { hits: 0, n: 0 },
      ]),
    ).toEqual(jasmine.objectContaining({ of: 'session', ...wilson(6, 26) }));
    expect(clusteredWilson([{ hits: 0, n: 0 }])).toBeNull();
  });

  it('the interval is Wilson’s on what the evenings are worth, with Student’s quantile for them (2.571 with 5 degrees at 0.975)', () => {
    const interval = intervalOf(of([5, 6, 4], 21), { rho: 0.05, degrees: 5 });
    const plain = wilson(15 / 2, 63 / 2, 2.571);
    expect(interval.low).toBeCloseTo(plain.low, 4);
    expect(interval.high).toBeCloseTo(plain.high, 4);
  });

  // Simulation, ours: rates of 2 to 60 %, likeness 0 to 0.1, 3 to 12 evenings.
  for (const chances of [
    [8, 20],
    [20, 60],
    [8, 60],
  ] as const)
    it(`95 % intervals hold the true rate in 93 to 97 % of seasons of evenings of ${chances[0]} to ${chances[1]} chances, nowhere in less than 90`, () => {
      const made = evenings(20_261_128 + chances[1]);
      const covered: number[] = [];
      for (const rate of [0.02, 0.1, 0.23, 0.4, 0.6])
        for (const rho of [0, 0.05, 0.1])
          for (const k of [3, 6, 12]) {
            const times = Array.from({ length: CASES }, () => {
              const season = made({ rate, rho, evenings: k, chances });
              const { low, high } = intervalOf(season, likenessOf(season));
              return Number(low <= rate && rate <= high);
            });
            covered.push(mean(times));
          }
      expect(mean(covered)).toBeGreaterThan(0.93);
      expect(mean(covered)).toBeLessThan(0.97);
      // Three standard errors of what is drawn.
      expect(Math.min(...covered)).toBeGreaterThan(0.9 - 3 * Math.sqrt((0.9 * 0.1) / CASES));
    });
});
