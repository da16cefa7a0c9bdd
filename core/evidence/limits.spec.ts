import { limitsOf } from './limits.js';
import { outcomes } from './quantiles.js';

describe('limits of a chart of shares', () => {
  it('by the normal formula are the handbook’s; the exact ones lie beside them, on whole counts', () => {
    // NIST/SEMATECH e-Handbook 6.3.3.2: samples of 50, mean 0.2313, limits 0.0524 and 0.4102 (value from memory).
    const [n, rate] = [50, 0.2313];
    const normal = [-3, 3].map((z) => rate + z * Math.sqrt((rate * (1 - rate)) / n));
    expect(normal[0]).toBeCloseTo(0.0524, 4);
    expect(normal[1]).toBeCloseTo(0.4102, 4);
    const { low, high } = limitsOf(n, rate);
    expect([low * n, high * n].map((count) => count % 1)).toEqual([0, 0]);
    expect(Math.abs(low - (normal[0] ?? 0))).toBeLessThan(2 / n);
    expect(Math.abs(high - (normal[1] ?? 0))).toBeLessThan(2 / n);
  });

  it('leave at most 0.00135 outside on either side, also of few chances and alike ones, where the normal formula leaves more', () => {
    for (const n of [5, 8, 20, 60])
      for (const rate of [0.02, 0.1, 0.5])
        for (const rho of [0, 0.1]) {
          const { low, high } = limitsOf(n, rate, rho);
          const chances = outcomes(n, rate, rho);
          const outside = (is: (share: number) => boolean): number => chances.reduce((sum, one, k) => sum + (is(k / n) ? one : 0), 0);
          expect(outside((share) => share < low - 1e-9)).toBeLessThanOrEqual(0.00135);
          expect(outside((share) => share > high + 1e-9)).toBeLessThanOrEqual(0.00135 + 1e-9);
        }
    const wide = 0.1 + 3 * Math.sqrt((0.1 * 0.9) / 8);
    expect(outcomes(8, 0.1, 0).reduce((sum, one, k) => sum + (k / 8 > wide ? one : 0), 0)).toBeGreaterThan(0.00135);
  });
});
