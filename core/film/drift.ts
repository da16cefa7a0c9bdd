import { studentQuantile } from '../evidence/quantiles.js';

/** How something changes from one repetition to the next: by so much each, 19 in 20 within so much of it. */
export interface Drift {
  readonly n: number;
  readonly each: number;
  readonly within: number;
  /** Whether it is told from none. */
  readonly told: boolean;
}

/** Fewer repetitions than this say nothing of a drift: a line through two always fits. */
const LEAST = 4;

/**
 * Whether a place, a step or a time drifts over repetitions: the slope of the straight line that fits best, and its interval (ordinary
 * least squares; Draper & Smith, Applied Regression Analysis, 1.4). Null of fewer than four.
 * @param values one a repetition, in their order.
 * @param least what one value is uncertain by at least (standard deviation): the interval is no narrower than that leaves it.
 * @example driftOf([0, 1, 2, 3])?.each // 1
 */
export function driftOf(values: readonly number[], least = 0): Drift | null {
  const n = values.length;
  if (n < LEAST) return null;
  const middle = (n - 1) / 2;
  const mean = values.reduce((sum, one) => sum + one, 0) / n;
  const across = values.reduce((sum, _, i) => sum + (i - middle) ** 2, 0);
  const each = values.reduce((sum, one, i) => sum + (i - middle) * (one - mean), 0) / across;
  const left = values.reduce((sum, one, i) => sum + (one - mean - each * (i - middle)) ** 2, 0);
  const sd = Math.max(Math.sqrt(left / (n - 2)), least);
  const within = (studentQuantile(0.975, n - 2) * sd) / Math.sqrt(across);
  return { n, each, within, told: Math.abs(each) > within };
}
