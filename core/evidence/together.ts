import { grouped } from '../grouped.js';
import { discoveries } from './discoveries.js';
import { normalAbove } from './quantiles.js';

/** Occasions of one run in which both of two faults could be seen: in how many both showed, one of them, or none. */
export interface PairIn {
  readonly both: number;
  readonly one: number;
  readonly second: number;
  readonly neither: number;
}

/** What 2 × 2 tables say together, each of a condition of its own. */
export interface Common {
  /** By how many occasions both showed more often than chance would have it, and the variance of that. */
  readonly excess: number;
  readonly variance: number;
  /** Odds of the one with the other against those without it; Infinity where it never showed without. */
  readonly odds: number;
}

/**
 * Cochran's, Mantel's and Haenszel's test and their common odds ratio (Mantel & Haenszel 1959).
 * @example commonOf([{ both: 10, one: 10, second: 10, neither: 10 }]).odds // 1
 */
export function commonOf(tables: readonly PairIn[]): Common {
  let [excess, variance, there, across] = [0, 0, 0, 0];
  for (const { both, one, second, neither } of tables) {
    const n = both + one + second + neither;
    if (n < 2) continue;
    const [first, other] = [both + one, both + second];
    excess += both - (first * other) / n;
    variance += (first * other * (n - first) * (n - other)) / (n * n * (n - 1));
    there += (both * neither) / n;
    across += (one * second) / n;
  }
  return { excess, variance, odds: there / across };
}

/** A pair of faults in one run, always the same of the two first. */
export interface PairRow extends PairIn {
  readonly fault: string;
  readonly other: string;
}

/** What an athlete's runs say of a pair together. */
export interface PairSums extends PairRow {
  readonly runs: number;
  /** As of `Common`. */
  readonly excess: number;
  readonly variance: number;
}

/** Two faults of an athlete, over the runs in which both could be seen. */
export interface Together extends Omit<PairSums, 'excess' | 'variance'> {
  /** Chance that they would come together so often, or oftener, if they had nothing to do with each other. */
  readonly chance: number;
  /** Whether they come together more than chance, of all pairs that were asked. */
  readonly found: boolean;
}

/** Of occasions in which both of two faults could be seen: in how many the other showed, with the one and without it. */
export interface Beside {
  readonly with: number;
  readonly ofWith: number;
  readonly without: number;
  readonly ofWithout: number;
}

/**
 * A pair from the side of one of the two: how often the other showed with it, and how often without.
 * @example beside({ fault: 'tall', other: 'flat', both: 3, one: 1, second: 9, neither: 7 }, 'tall') // { with: 3, ofWith: 4, without: 9, ofWithout: 16 }
 */
export function beside(pair: PairRow, fault: string): Beside {
  const [own, others] = pair.fault === fault ? [pair.one, pair.second] : [pair.second, pair.one];
  return { with: pair.both, ofWith: pair.both + own, without: others, ofWithout: others + pair.neither };
}

/** Pairs with fewer occasions that showed either of them are not asked. */
export const ASKED_FROM = 20;
/** Of the pairs that are said to come together, this share may be wrong. */
const FALSE_SHARE = 0.05;

/** What each run says of each pair, added up; `sql/queries/fault-pairs.sql` does the same where the data is. */
export const pairSums = (rows: readonly PairRow[]): PairSums[] =>
  [...grouped(rows, ({ fault, other }) => `${fault} ${other}`).values()].map((of) => {
    const [{ fault, other }] = of as [PairRow];
    const { excess, variance } = commonOf(of);
    const sum = { both: 0, one: 0, second: 0, neither: 0 };
    for (const row of of) for (const name of ['both', 'one', 'second', 'neither'] as const) sum[name] += row[name];
    return { fault, other, runs: of.length, ...sum, excess, variance };
  });

/**
 * Which pairs of an athlete's faults come together more than chance: by runs, so that a bad evening alone brings none together; of all
 * that are asked, by the procedure of Benjamini and Hochberg. It says nothing of which causes which. The least likely by chance first.
 */
export function comingTogether(pairs: readonly PairSums[]): Together[] {
  const asked = pairs
    .filter(({ both, one, second }) => both + one + second >= ASKED_FROM)
    .map(({ excess, variance, ...pair }) => {
      // Counts jump by whole ones: half of one less.
      const chance = variance > 0 ? normalAbove((excess - 0.5) / Math.sqrt(variance)) : 1;
      return { ...pair, chance };
    });
  const found = discoveries(
    asked.map(({ chance }) => chance),
    FALSE_SHARE,
  );
  return asked.map((pair, i) => ({ ...pair, found: found[i] === true })).sort((a, b) => a.chance - b.chance);
}
