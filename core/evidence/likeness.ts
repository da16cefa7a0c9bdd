import { wilson, type Interval } from './proportion.js';
import { studentQuantile } from './quantiles.js';

/** Chances of one evening, and how many of them showed the fault. */
export interface Cluster {
  readonly hits: number;
  readonly n: number;
}

/** Adds chances to what is known of their evening, or of whatever they are counted by. */
export function addTo(clusters: Map<string, { hits: number; n: number }>, to: string, hits: number, n: number): void {
  const cluster = clusters.get(to);
  if (!cluster) clusters.set(to, { hits, n });
  else {
    cluster.hits += hits;
    cluster.n += n;
  }
}

/** Likeness of chances within an evening taken when there is little to estimate it from (common practice, no source). */
export const DEFAULT_RHO = 0.05;

/** How many evenings the default is worth when an estimate is drawn towards it: ten for small evenings, four for large ones. */
const WORTH = { most: 10, least: 4, chances: 140 } as const;

/** All that intervals over evenings are computed from: sums over those with a chance, so that a database can add them up. */
export interface Sums extends Cluster {
  readonly evenings: number;
  /** Σm² of the evenings' chances m. */
  readonly squares: number;
  /** Σh² / m of those that showed it. */
  readonly shares: number;
}

/** Evenings added up; those without a chance are passed over. */
export function sumsOf(clusters: readonly Cluster[]): Sums {
  const sums = { evenings: 0, hits: 0, n: 0, squares: 0, shares: 0 };
  for (const { hits, n } of clusters) {
    if (n === 0) continue;
    sums.evenings++;
    sums.hits += hits;
    sums.n += n;
    sums.squares += n ** 2;
    sums.shares += hits ** 2 / n;
  }
  return sums;
}

/** Sums of the first none, one, two, … of these evenings: of any in a row they are the later less the earlier (`sumsFrom`). */
export function sumsUpTo(clusters: readonly Cluster[]): readonly Sums[] {
  const all: Sums[] = [sumsOf([])];
  let before = all[0] as Sums;
  for (const { hits, n } of clusters) {
    before = {
      evenings: before.evenings + Number(n > 0),
      hits: before.hits + hits,
      n: before.n + n,
      squares: before.squares + n ** 2,
      shares: before.shares + (n > 0 ? hits ** 2 / n : 0),
    };
    all.push(before);
  }
  return all;
}

/** Sums of the evenings from one place to before another, of those of `sumsUpTo`. */
export function sumsFrom(upTo: readonly Sums[], from: number, to: number): Sums {
  const [before, after] = [upTo[from] as Sums, upTo[to] as Sums];
  return {
    evenings: after.evenings - before.evenings,
    hits: after.hits - before.hits,
    n: after.n - before.n,
    squares: after.squares - before.squares,
    shares: after.shares - before.shares,
  };
}

/** The size of an evening that a chance meets on average, Σm² / Σm. */
const sizeOf = ({ n, squares }: Pick<Sums, 'n' | 'squares'>): number => (n === 0 ? 0 : squares / n);

/** Chances of all evenings, those that showed it, and the size of an evening that a chance meets on average, Σm² / Σm. */
export function totalOf(clusters: readonly Cluster[]): Cluster & { readonly size: number } {
  const sums = sumsOf(clusters);
  return { hits: sums.hits, n: sums.n, size: sizeOf(sums) };
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

/** A period with what was before it. */
export const andPeriod = (before: Spread, period: readonly Cluster[]): Spread => andSums(before, sumsOf(period));

function andSums(before: Spread, period: Sums): Spread {
  const { evenings, hits, n, squares, shares } = period;
  if (n === 0) return before;
  return {
    periods: before.periods + 1,
    evenings: before.evenings + evenings,
    n: before.n + n,
    squares: before.squares + squares,
    sizes: before.sizes + sizeOf(period),
    // Σm(h/m − H/M)², which is never below nothing.
    between: before.between + Math.max(0, shares - hits ** 2 / n),
    within: before.within + hits - shares,
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
export const designEffect = (clusters: readonly Cluster[], rho: number): number => effectBy(sumsOf(clusters), rho);

const effectBy = (sums: Sums, rho: number): number => Math.max(1, 1 + (sizeOf(sums) - 1) * rho);

/** Interval at a chance of so much to be missed on either side together: Wilson on n / deff with Student's quantile. */
export const intervalOf = (clusters: readonly Cluster[], likeness: Likeness, missed = 0.05): Interval =>
  intervalBy(sumsOf(clusters), likeness, missed);

/** As `intervalOf`, for who has the sums already. */
export function intervalBy(sums: Sums, { rho, degrees }: Likeness, missed = 0.05): Interval {
  const deff = effectBy(sums, rho);
  return wilson(sums.hits / deff, sums.n / deff, studentQuantile(1 - missed / 2, degrees));
}

export interface ClusteredInterval extends Interval {
  /** 'session': plain, speaks of that evening alone; 'sessions': widened by the design effect. */
  readonly of: 'session' | 'sessions';
  readonly deff: number;
  readonly rho: number;
}

/** 95 % interval of a rate over evenings; for one evening alone the plain one. Null when nothing was watched. */
export const clusteredWilson = (clusters: readonly Cluster[]): ClusteredInterval | null => clusteredBy(sumsOf(clusters));

/** As `clusteredWilson`, for who has the sums already. */
export function clusteredBy(sums: Sums): ClusteredInterval | null {
  if (sums.n === 0) return null;
  if (sums.evenings === 1) return { ...wilson(sums.hits, sums.n), of: 'session', deff: 1, rho: DEFAULT_RHO };
  const likeness = likenessBy(andSums(NO_SPREAD, sums));
  return { ...intervalBy(sums, likeness), of: 'sessions', deff: effectBy(sums, likeness.rho), rho: likeness.rho };
}
