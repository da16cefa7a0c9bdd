import { mean, sampleVariance } from 'simple-statistics';
import { clusteredWilson, DEFAULT_RHO, designEffect, estimateRho, wilson } from './proportion.js';

describe('intervals of a share', () => {
  // Newcombe 1998, Statistics in Medicine 17:857, table I, 95 %, no continuity correction (value from memory).
  const published: readonly (readonly [number, number, number, number])[] = [
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ];
  for (const [hits, n, low, high] of published) {
    it(`Wilson of ${hits} of ${n} is Newcombe's`, () => {
      const interval = wilson(hits, n);
      expect(interval.low).toBeCloseTo(low, 4);
      expect(interval.high).toBeCloseTo(high, 4);
    });
  }

  it('solves the score equation it is defined by (Wilson 1927)', () => {
    for (const [hits, n] of [
      [6, 26],
      [3, 7],
      [40, 41],
    ] as const) {
      const { low, high } = wilson(hits, n);
      for (const limit of [low, high]) {
        const score = Math.abs(hits / n - limit) / Math.sqrt((limit * (1 - limit)) / n);
        expect(score).toBeCloseTo(1.959964, 5);
      }
    }
  });

  it('nothing in n leaves about 3/n above (rule of three, Hanley & Lippman-Hand 1983)', () => {
    expect(wilson(0, 300, 1.6449).high * 300).toBeLessThan(3);
    expect(wilson(0, 300).high * 300).toBeGreaterThan(3);
  });

  it('refuses what is no share', () => {
    expect(() => wilson(3, 2)).toThrowError(RangeError);
    expect(() => wilson(0, 0)).toThrowError(RangeError);
  });

  it('with sessions of equal size the between-session part is the variance of their rates (simple-statistics)', () => {
    const clusters = [4, 9, 2, 7, 5].map((hits) => ({ hits, n: 20 }));
    const rates = clusters.map(({ hits, n }) => hits / n);
    const between = 20 * sampleVariance(rates);
    const p = mean(rates);
    const within = (20 * (rates.length * p - rates.reduce((sum, r) => sum + r * r, 0))) / (100 - 5);
    const raw = (between - within) / (between + 19 * within);
    expect(estimateRho(clusters)).toBeCloseTo((5 * raw + 10 * DEFAULT_RHO) / 15, 9);
  });

  it('design effect of equal sessions is 1 + (m − 1)ρ (Kish 1965)', () => {
    const clusters = Array.from({ length: 4 }, () => ({ hits: 2, n: 21 }));
    expect(designEffect(clusters, 0.05)).toBeCloseTo(2, 9);
  });

  it('is wider over sessions than the plain one, plain for one session, nothing for nothing', () => {
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
});
