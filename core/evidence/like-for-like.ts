import { hybrid, type Difference } from './difference.js';
import { addTo, likenessOf, type Cluster, type Likeness } from './likeness.js';
import { wilson, type Interval } from './proportion.js';
import { studentQuantile } from './quantiles.js';

/** Chances on one side of a comparison, watched in one evening under one condition. */
export interface Compared extends Cluster {
  readonly evening: string;
  /** Only chances of the same condition are held against each other: a stage, or an exercise of one evening. */
  readonly like: string;
  readonly later: boolean;
}

/** A difference of two rates, each what it would be over the conditions that both sides share. */
export interface LikeForLike extends Difference {
  /** Chances compared, on the earlier and on the later side. */
  readonly of: readonly [number, number];
  /** Conditions both sides share, and chances left out since the other side has none like them. */
  readonly shared: number;
  readonly leftOut: number;
}

/** How many chances a condition has on each side. */
interface Shared {
  before: number;
  after: number;
}

/**
 * Two sides that did not do the same are compared within what both did, and combined by Mantel and Haenszel's weights, n₁n₀ / (n₁ + n₀)
 * (the risk difference of Greenland & Robins 1985): then what was done more on one side does not count for a difference. Null where
 * nothing is shared: not comparable.
 *
 * The interval is Newcombe's hybrid score on what these weighed chances are worth: their squared weights (Yan & Su 2010 for independent
 * ones), with those of one evening alike (Kish 1965 for equal weights). Evenings' own ups and downs, which both sides may share, are not
 * made use of: it is rather too wide where they do.
 *
 * @param missed chance that the interval misses the difference, on either side together
 */
export function likeForLike(
  rows: readonly Compared[],
  likeness: Likeness = likenessOf(eveningsOn(rows, false), eveningsOn(rows, true)),
  missed = 0.05,
): LikeForLike | null {
  const strata = new Map<string, Shared>();
  let all = 0;
  for (const { like, later, n } of rows) {
    let stratum = strata.get(like);
    if (!stratum) strata.set(like, (stratum = { before: 0, after: 0 }));
    stratum[later ? 'after' : 'before'] += n;
    all += n;
  }
  let [weights, shared] = [0, 0];
  for (const { before, after } of strata.values()) {
    if (before === 0 || after === 0) continue;
    weights += (before * after) / (before + after);
    shared++;
  }
  if (shared === 0) return null;
  const side = (later: boolean): Side => sideOf(rows, later, strata, weights, likeness, missed);
  const [earlier, later] = [side(false), side(true)];
  return {
    ...{ earlier: earlier.rate, later: later.rate, value: later.rate - earlier.rate },
    ...hybrid(later.rate, later.interval, earlier.rate, earlier.interval),
    ...{ of: [earlier.n, later.n], shared, leftOut: all - earlier.n - later.n },
  };
}

interface Side {
  readonly rate: number;
  readonly n: number;
  readonly interval: Interval;
}

/**
 * One side over the conditions that both have. What each of its chances counts for, so that all come to 1: its part of its stratum, and
 * the stratum's part of all. n₁n₀ / (n₁ + n₀) / n is what the other side is of both.
 */
function sideOf(
  rows: readonly Compared[],
  later: boolean,
  strata: ReadonlyMap<string, Shared>,
  weights: number,
  { rho, degrees }: Likeness,
  missed: number,
): Side {
  let [rate, alone, chances] = [0, 0, 0];
  const ofEvenings = new Map<string, number>();
  for (const row of rows) {
    if (row.later !== later || row.n === 0) continue;
    const { before, after } = strata.get(row.like) as Shared;
    if (before === 0 || after === 0) continue;
    const each = (later ? before : after) / (before + after) / weights;
    rate += row.hits * each;
    alone += row.n * each ** 2;
    chances += row.n;
    ofEvenings.set(row.evening, (ofEvenings.get(row.evening) ?? 0) + row.n * each);
  }
  let together = 0;
  for (const weight of ofEvenings.values()) together += weight ** 2;
  // Chances of one evening that are less alike than by chance are worth no more than independent ones.
  const worth = 1 / Math.max(alone, (1 - rho) * alone + rho * together);
  return { rate, n: chances, interval: wilson(rate * worth, worth, studentQuantile(1 - missed / 2, degrees)) };
}

/** The evenings of one side, whatever was done in them. */
function eveningsOn(rows: readonly Compared[], later: boolean): Cluster[] {
  const evenings = new Map<string, { hits: number; n: number }>();
  for (const row of rows) if (row.later === later) addTo(evenings, row.evening, row.hits, row.n);
  return [...evenings.values()];
}
