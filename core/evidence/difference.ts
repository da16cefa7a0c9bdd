import { intervalBy, likenessOf, sumsOf, type Cluster, type Likeness, type Sums } from './likeness.js';
import type { Interval } from './proportion.js';

/** A later rate less an earlier one, shares; below 0 is fewer faults. */
export interface Difference extends Interval {
  readonly earlier: number;
  readonly later: number;
  readonly value: number;
}

/**
 * Interval of the difference of two shares from the intervals of both: the hybrid score interval (Newcombe 1998, Statistics in Medicine
 * 17:873, method 10).
 */
export function hybrid(later: number, ofLater: Interval, earlier: number, ofEarlier: Interval): Interval {
  const value = later - earlier;
  return {
    low: value - Math.hypot(later - ofLater.low, ofEarlier.high - earlier),
    high: value + Math.hypot(ofLater.high - later, earlier - ofEarlier.low),
  };
}

/**
 * How much a later period differs from an earlier one, on the numbers that alike evenings are worth. Null unless something was watched in
 * both.
 * @param missed chance that the interval misses the difference, on either side together
 */
export function differenceOf(
  earlier: readonly Cluster[],
  later: readonly Cluster[],
  likeness: Likeness = likenessOf(earlier, later),
  missed = 0.05,
): Difference | null {
  return differenceBy(sumsOf(earlier), sumsOf(later), likeness, missed);
}

/** As `differenceOf`, for who has the sums already. */
export function differenceBy(before: Sums, after: Sums, likeness: Likeness, missed = 0.05): Difference | null {
  if (before.n === 0 || after.n === 0) return null;
  const [p, q] = [before.hits / before.n, after.hits / after.n];
  const interval = hybrid(q, intervalBy(after, likeness, missed), p, intervalBy(before, likeness, missed));
  return { earlier: p, later: q, value: q - p, ...interval };
}
