import { wilson } from './proportion.js';

describe('the interval of a share', () => {
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
});
