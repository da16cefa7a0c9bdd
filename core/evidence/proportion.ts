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

/** Attempts of one session and how many of them showed the fault. */
export interface Cluster {
  readonly hits: number;
  readonly n: number;
}

/** Likeness of attempts within a session taken when there is little to estimate it from (common practice, no source). */
export const DEFAULT_RHO = 0.05;
/** How many sessions the default is worth when an estimate is drawn towards it. */
const RHO_WEIGHT = 10;

/**
 * Likeness of attempts within a session (intraclass correlation) by analysis of variance,
 * drawn towards the default in proportion to the number of sessions, kept within 0…1.
 */
export function estimateRho(clusters: readonly Cluster[]): number {
  const seen = clusters.filter((cluster) => cluster.n > 0);
  const k = seen.length;
  const total = seen.reduce((sum, cluster) => sum + cluster.n, 0);
  if (k < 2 || total <= k) return DEFAULT_RHO;
  const p = seen.reduce((sum, cluster) => sum + cluster.hits, 0) / total;
  const between = seen.reduce((sum, { hits, n }) => sum + n * (hits / n - p) ** 2, 0) / (k - 1);
  const within = seen.reduce((sum, { hits, n }) => sum + hits * (1 - hits / n), 0) / (total - k);
  const size = (total - seen.reduce((sum, { n }) => sum + n * n, 0) / total) / (k - 1);
  const spread = between + (size - 1) * within;
  const raw = spread > 0 ? (between - within) / spread : DEFAULT_RHO;
  return Math.min(1, Math.max(0, (k * raw + RHO_WEIGHT * DEFAULT_RHO) / (k + RHO_WEIGHT)));
}

/**
 * Design effect 1 + (m̄ − 1)ρ with m̄ = Σm² / Σm (Kish 1965); never below 1.
 * @example designEffect([{ hits: 1, n: 10 }, { hits: 2, n: 10 }], 0.05) // 1.45
 */
export function designEffect(clusters: readonly Cluster[], rho: number): number {
  const total = clusters.reduce((sum, { n }) => sum + n, 0);
  if (total === 0) return 1;
  const size = clusters.reduce((sum, { n }) => sum + n * n, 0) / total;
  return Math.max(1, 1 + (size - 1) * rho);
}

export interface ClusteredInterval extends Interval {
  /** 'session': plain, speaks of that session alone; 'sessions': widened by the design effect. */
  readonly of: 'session' | 'sessions';
  readonly deff: number;
  readonly rho: number;
}

/** Interval of a rate over sessions: Wilson on n / deff; for one session alone the plain one. Null when nothing was watched. */
export function clusteredWilson(clusters: readonly Cluster[]): ClusteredInterval | null {
  const seen = clusters.filter((cluster) => cluster.n > 0);
  const n = seen.reduce((sum, cluster) => sum + cluster.n, 0);
  const hits = seen.reduce((sum, cluster) => sum + cluster.hits, 0);
  if (n === 0) return null;
  if (seen.length === 1) return { ...wilson(hits, n), of: 'session', deff: 1, rho: DEFAULT_RHO };
  const rho = estimateRho(seen);
  const deff = designEffect(seen, rho);
  return { ...wilson(hits / deff, n / deff), of: 'sessions', deff, rho };
}
