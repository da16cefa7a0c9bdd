/** Two-sided 95 % quantile of the standard normal distribution. */
const Z95 = 1.959963984540054;

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/**
 * Wilson score interval (Wilson 1927) for a share of `hits` in `n`, without continuity correction.
 * `n` may be fractional (an effective number of attempts). Throws RangeError unless 0 ≤ hits ≤ n and n > 0.
 * @example Math.round(wilson(6, 26).low * 1000) // 110
 */
export function wilson(hits: number, n: number, z = Z95): Interval {
  if (!(n > 0) || hits < 0 || hits > n + 1e-9) throw new RangeError(`wilson: ${hits} of ${n} is not a share`);
  const p = Math.min(1, hits / n);
  const z2 = z * z;
  const centre = (p + z2 / (2 * n)) / (1 + z2 / n);
  const half = (z / (1 + z2 / n)) * Math.sqrt((p * (1 - p)) / n + z2 / (4 * n * n));
  return { low: Math.max(0, centre - half), high: Math.min(1, centre + half) };
}
