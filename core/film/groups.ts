import { studentQuantile } from '../evidence/quantiles.js';
import { ofSeveral } from './difference.js';
import { TIMES, type Timed, type TimeName } from './times.js';

/** By how much the mean of one lot of attempts is longer than that of another (s), and within how much 19 in 20. */
export interface Apart {
  readonly by: number;
  readonly within: number;
  readonly told: boolean;
}

/** One lot: how many, their mean, and the standard deviation that one of them has. */
interface Lot {
  readonly n: number;
  readonly mean: number;
  readonly sd: number;
}

/**
 * Whether means of two lots differ, however each of them spreads (Welch 1947, Biometrika 34:28, degrees of freedom by Satterthwaite 1946).
 * Null where one of them has fewer than two.
 * @example apart({ n: 3, mean: 1, sd: 0 }, { n: 3, mean: 2, sd: 0 })?.by // 1
 */
export function apart(one: Lot, other: Lot): Apart | null {
  if (one.n < 2 || other.n < 2) return null;
  const [a, b] = [one.sd ** 2 / one.n, other.sd ** 2 / other.n];
  const by = other.mean - one.mean;
  const square = a + b;
  if (square === 0) return { by, within: 0, told: by !== 0 };
  const degrees = square ** 2 / (a ** 2 / (one.n - 1) + b ** 2 / (other.n - 1));
  const within = studentQuantile(0.975, degrees) * Math.sqrt(square);
  return { by, within, told: Math.abs(by) > within };
}

/** The same time of two lots of attempts. */
export interface LotsBeside {
  readonly time: TimeName;
  readonly lots: readonly [Lot, Lot];
  readonly apart: Apart;
}

/**
 * Times of all attempts of one clip against those of another, where each has two or more. None of them spreads less than film and marker
 * leave open: attempts that fell into the same frames are not alike to the millisecond.
 */
export const lotsBeside = (one: readonly Timed[], other: readonly Timed[]): LotsBeside[] =>
  TIMES.flatMap((time) => {
    const [a, b] = [lotOf(one, time), lotOf(other, time)];
    const found = a && b && apart(a, b);
    return found ? [{ time, lots: [a, b] as const, apart: found }] : [];
  });

function lotOf(times: readonly Timed[], time: TimeName): Lot | null {
  const took = times.flatMap((one) => (one.time === time ? [one.took] : []));
  const all = ofSeveral(took.map(({ seconds }) => seconds));
  return all && { n: all.n, mean: all.mean, sd: Math.max(all.sd ?? 0, ...took.map(({ sd }) => sd)) };
}
