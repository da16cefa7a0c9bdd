import { grouped } from '../grouped.js';
import { hybrid, type Difference } from './difference.js';
import { likenessOf, totalOf, type Cluster, type Likeness } from './likeness.js';
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

interface Weighed extends Compared {
  /** What each of its chances counts for, so that all of a side come to 1. */
  readonly each: number;
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
  const watched = rows.filter(({ n }) => n > 0);
  const strata = [...grouped(watched, ({ like }) => like).values()].map((stratum) => ({
    stratum,
    n: [false, true].map((later) => totalOf(stratum.filter((row) => row.later === later)).n) as [number, number],
  }));
  const both = strata.filter(({ n: [before, after] }) => before > 0 && after > 0);
  const weights = both.reduce((sum, { n: [before, after] }) => sum + (before * after) / (before + after), 0);
  if (both.length === 0) return null;
  // Each chance's part of its stratum, and its stratum's part of all: n₁n₀ / (n₁ + n₀) / n is what the other side is of both.
  const weighed = both.flatMap(({ stratum, n: [before, after] }) =>
    stratum.map((row): Weighed => ({ ...row, each: (row.later ? before : after) / (before + after) / weights })),
  );
  const side = (later: boolean): Side =>
    sideOf(
      weighed.filter((row) => row.later === later),
      likeness,
      missed,
    );
  const [earlier, later] = [side(false), side(true)];
  const all = watched.reduce((sum, { n }) => sum + n, 0);
  return {
    ...{ earlier: earlier.rate, later: later.rate, value: later.rate - earlier.rate },
    ...hybrid(later.rate, later.interval, earlier.rate, earlier.interval),
    ...{ of: [earlier.n, later.n], shared: both.length, leftOut: all - earlier.n - later.n },
  };
}

interface Side {
  readonly rate: number;
  readonly n: number;
  readonly interval: Interval;
}

function sideOf(rows: readonly Weighed[], { rho, degrees }: Likeness, missed: number): Side {
  const sum = (of: (row: Weighed) => number, among = rows): number => among.reduce((all, row) => all + of(row), 0);
  const rate = sum(({ hits, each }) => hits * each);
  const alone = sum(({ n, each }) => n * each ** 2);
  const together = [...grouped(rows, ({ evening }) => evening).values()].reduce(
    (all, one) => all + sum(({ n, each }) => n * each, one) ** 2,
    0,
  );
  // Chances of one evening that are less alike than by chance are worth no more than independent ones.
  const worth = 1 / Math.max(alone, (1 - rho) * alone + rho * together);
  return { rate, n: sum(({ n }) => n), interval: wilson(rate * worth, worth, studentQuantile(1 - missed / 2, degrees)) };
}

/** The evenings of one side, whatever was done in them. */
function eveningsOn(rows: readonly Compared[], later: boolean): Cluster[] {
  const side = rows.filter((row) => row.later === later);
  return [...grouped(side, ({ evening }) => evening).values()].map(totalOf);
}
