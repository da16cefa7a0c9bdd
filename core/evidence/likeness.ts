import { wilson, type Interval } from './proportion.js';
import { studentQuantile } from './quantiles.js';

/** Chances of one evening, and how many of them showed the fault. */
export interface Cluster {
  readonly hits: number;
  readonly n: number;
}

/** Likeness of chances within an evening taken when there is little to estimate it from (common practice, no source). */
export const DEFAULT_RHO = 0.05;

/** How many evenings the default is worth when an estimate is drawn towards it: ten for small evenings, four for large ones. */
const WORTH = { most: 10, least: 4, chances: 140 } as const;

const seenOf = (clusters: readonly Cluster[]): Cluster[] => clusters.filter(({ n }) => n > 0);

/** Chances of all evenings, those that showed it, and the size of an evening that a chance meets on average, Σm² / Σm. */
export function totalOf(clusters: readonly Cluster[]): Cluster & { readonly size: number } {
  let [hits, n, squares] = [0, 0, 0];
  for (const one of clusters) {
    hits += one.hits;
    n += one.n;
    squares += one.n ** 2;
  }
  return { hits, n, size: n === 0 ? 0 : squares / n };
}

/** What the default is worth, in evenings: an evening of many chances says more of their likeness than one of few. */
const worthOf = (size: number): number => Math.min(WORTH.most, Math.max(WORTH.least, WORTH.chances / Math.max(1, size)));

export interface Likeness {
  readonly rho: number;
  /** Degrees of freedom of what is said by it. */
  readonly degrees: number;
}

/** What the likeness of evenings is computed from. Sums, so that those of one more period are added to those before. */
export interface Spread {
  readonly periods: number;
  readonly evenings: number;
  readonly n: number;
  /** Of the squares of evenings; and of the mean size of an evening, period by period. */
  readonly squares: number;
  readonly sizes: number;
  /** Of the squares between evenings of one period, and within evenings. */
  readonly between: number;
  readonly within: number;
}

export const NO_SPREAD: Spread = { periods: 0, evenings: 0, n: 0, squares: 0, sizes: 0, between: 0, within: 0 };

/** A period with what was before it. Evenings without a chance are passed over. */
export function andPeriod(before: Spread, period: readonly Cluster[]): Spread {
  const part = seenOf(period);
  if (part.length === 0) return before;
  const { hits, n, size } = totalOf(part);
  let [between, within] = [before.between, before.within];
  for (const one of part) {
    between += one.n * (one.hits / one.n - hits / n) ** 2;
    within += one.hits * (1 - one.hits / one.n);
  }
  return {
    periods: before.periods + 1,
    evenings: before.evenings + part.length,
    n: before.n + n,
    squares: before.squares + size * n,
    sizes: before.sizes + size,
    between,
    within,
  };
}

/** The likeness that sums come to: `likenessOf` for who has them already. */
export function likenessBy({ periods, evenings, n, squares, sizes, between, within }: Spread): Likeness {
  const free = evenings - periods;
  const worth = worthOf(n === 0 ? 0 : squares / n);
  const degrees = Math.max(1, free + worth);
  if (free < 1 || n <= evenings) return { rho: DEFAULT_RHO, degrees };
  const [msb, msw] = [between / free, within / (n - evenings)];
  const of = msb + ((n - sizes) / free - 1) * msw;
  const raw = of > 0 ? (msb - msw) / of : DEFAULT_RHO;
  const k = free + 1;
  return { rho: Math.min(1, Math.max(0, (k * raw + worth * DEFAULT_RHO) / (k + worth))), degrees };
}

/**
 * Likeness of chances within an evening (intraclass correlation) by analysis of variance, drawn towards the default in proportion to the
 * number of evenings, kept within 0…1. Periods with rates of their own are compared with themselves alone.
 */
export const likenessOf = (...periods: readonly (readonly Cluster[])[]): Likeness => likenessBy(periods.reduce(andPeriod, NO_SPREAD));

/**
 * Design effect 1 + (m̄ − 1)ρ with m̄ = Σm² / Σm (Kish 1965); never below 1.
 * @example designEffect([{ hits: 1, n: 10 }, { hits: 2, n: 10 }], 0.05) // 1.45
 */
export const designEffect = (clusters: readonly Cluster[], rho: number): number => Math.max(1, 1 + (totalOf(clusters).size - 1) * rho);

/** Interval at a chance of so much to be missed on either side together: Wilson on n / deff with Student's quantile. */
export function intervalOf(clusters: readonly Cluster[], { rho, degrees }: Likeness, missed = 0.05): Interval {
  const { hits, n } = totalOf(clusters);
  const deff = designEffect(clusters, rho);
  return wilson(hits / deff, n / deff, studentQuantile(1 - missed / 2, degrees));
}

export interface ClusteredInterval extends Interval {
  /** 'session': plain, speaks of that evening alone; 'sessions': widened by the design effect. */
  readonly of: 'session' | 'sessions';
  readonly deff: number;
  readonly rho: number;
}

/** 95 % interval of a rate over evenings; for one evening alone the plain one. Null when nothing was watched. */
export function clusteredWilson(clusters: readonly Cluster[]): ClusteredInterval | null {
  const seen = seenOf(clusters);
  const { hits, n } = totalOf(seen);
  if (n === 0) return null;
  if (seen.length === 1) return { ...wilson(hits, n), of: 'session', deff: 1, rho: DEFAULT_RHO };
  const likeness = likenessOf(seen);
  return { ...intervalOf(seen, likeness), of: 'sessions', deff: designEffect(seen, likeness.rho), rho: likeness.rho };
}
