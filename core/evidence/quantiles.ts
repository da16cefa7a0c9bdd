// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- jstat brings no types, and every project that uses core must find these
/// <reference path="./jstat.d.ts" />
import jStat from 'jstat';

/** Quantile of the standard normal distribution. */
export const normalQuantile = (p: number): number => jStat.normal.inv(p, 0, 1);

/** Chance of more than so many standard deviations. */
export const normalAbove = (z: number): number => jStat.normal.cdf(-z, 0, 1);

/** From so many degrees on the series below is exact enough, and does not take longer with them as a search does. */
const MANY = 30;

/**
 * Quantile of Student's distribution. Degrees of freedom may be fractional. With many of them by the series in their inverse (Fisher &
 * Cornish, as in Abramowitz & Stegun 26.7.5, value from memory).
 */
export function studentQuantile(p: number, degrees: number): number {
  if (degrees < MANY) return jStat.studentt.inv(p, degrees);
  const x = normalQuantile(p);
  const terms = [
    (x ** 3 + x) / 4,
    (5 * x ** 5 + 16 * x ** 3 + 3 * x) / 96,
    (3 * x ** 7 + 19 * x ** 5 + 17 * x ** 3 - 15 * x) / 384,
    (79 * x ** 9 + 776 * x ** 7 + 1482 * x ** 5 - 1920 * x ** 3 - 945 * x) / 92160,
  ];
  return terms.reduce((sum, term, i) => sum + term / degrees ** (i + 1), x);
}

/** Logarithm of the beta function. */
export const logBeta = (a: number, b: number): number => jStat.gammaln(a) + jStat.gammaln(b) - jStat.gammaln(a + b);

/**
 * Chances that 0, 1, … n of n show it at a rate: binomial where chances are independent, beta-binomial where those of one evening are
 * alike (likeness ρ, the intraclass correlation).
 * @example outcomes(2, 0.5, 0) // [0.25, 0.5, 0.25]
 */
export function outcomes(n: number, rate: number, rho: number): number[] {
  if (rate <= 0 || rate >= 1) return Array.from({ length: n + 1 }, (_, k) => Number(k === (rate <= 0 ? 0 : n)));
  const [a, b] = [(rate * (1 - rho)) / rho, ((1 - rate) * (1 - rho)) / rho];
  // Each from the one before it, by logarithms: none is too small to go on from.
  let log = rho <= 0 ? n * Math.log1p(-rate) : logBeta(a, n + b) - logBeta(a, b);
  return Array.from({ length: n + 1 }, (_, k) => {
    const chance = Math.exp(log);
    const odds = rho <= 0 ? rate / (1 - rate) : (k + a) / (n - k - 1 + b);
    log += Math.log(((n - k) / (k + 1)) * odds);
    return chance;
  });
}

/** The smallest count that at least so much of the chances lies at or below. */
export function quantileOf(chances: readonly number[], p: number): number {
  let sum = 0;
  for (const [k, chance] of chances.entries()) {
    sum += chance;
    if (sum >= p - 1e-12) return k;
  }
  return chances.length - 1;
}
