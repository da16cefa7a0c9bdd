import { grouped } from '../grouped.js';
import type { Result } from '../log/event.js';
import { differenceOf, type Difference } from './difference.js';
import { clusteredWilson, likenessOf, totalOf, type Cluster, type ClusteredInterval } from './likeness.js';
import { likeForLike, type Compared, type LikeForLike } from './like-for-like.js';

/**
 * Of one thing done in an evening: occasions watched whole, clean or not; with a result, how many of that fell in such ones, and in
 * occasions that nobody watched whole.
 */
export interface ResultRow {
  readonly evening: string;
  readonly stage: string;
  /** Null: the occasions themselves. */
  readonly result: Result | null;
  readonly clean: number;
  readonly faulty: number;
  readonly unwatched: number;
}

/** What one thing done came to. */
interface StageResults {
  readonly stage: string;
  /** Results that were in or hit, of all; with the share's interval, null where none was noted. */
  readonly good: Cluster;
  readonly interval: ClusteredInterval | null;
  /** Occasions watched whole that were clean, of all such; null where there are none. */
  readonly clean: Cluster;
  readonly cleanInterval: ClusteredInterval | null;
}

/** Feet and results kept apart, and then held against each other. */
export interface Results {
  /** Each thing done that has results or occasions watched whole, most results first. */
  readonly stages: readonly StageResults[];
  /**
   * How much oftener the result is good where the occasion was clean (later) than where it was not (earlier), within each thing done; null
   * where one of both is nowhere.
   */
  readonly byClean: LikeForLike | null;
  /** Results in occasions that nobody watched whole: of these it is not known. */
  readonly unwatched: number;
}

/** Fewer on a side are too few to tell anything (common practice, no source). */
const FEW_RESULTS = 5;

const isGood = (result: Result): boolean => result === 'in' || result === 'hit';

/** What an athlete's results say, beside how clean the feet were. */
export function resultsOf(rows: readonly ResultRow[]): Results {
  const stages = [...grouped(rows, ({ stage }) => stage)].map(([stage, of]): StageResults => {
    const [good, clean] = [goodIn(of), cleanIn(of)];
    return { stage, good: totalOf(good), interval: clusteredWilson(good), clean: totalOf(clean), cleanInterval: clusteredWilson(clean) };
  });
  const compared = rows.flatMap(({ evening, stage, result, clean, faulty }): Compared[] => {
    if (result === null) return [];
    const of = (later: boolean, n: number): Compared => ({ evening, like: `${evening} ${stage}`, later, n, hits: isGood(result) ? n : 0 });
    return [of(false, faulty), of(true, clean)];
  });
  return {
    stages: stages.filter(({ good, clean }) => good.n + clean.n > 0).sort((a, b) => b.good.n - a.good.n || b.clean.n - a.clean.n),
    byClean: likeForLike(compared),
    unwatched: rows.reduce((sum, { result, unwatched }) => sum + (result === null ? 0 : unwatched), 0),
  };
}

/** One thing done less another: how often the result was good, and how often the feet were clean; null where a side has too few to tell. */
export interface Against {
  readonly good: Difference | null;
  readonly clean: Difference | null;
}

/** @param a the earlier side of the difference */
export function against(rows: readonly ResultRow[], a: string, b: string): Against {
  const of = (stage: string): readonly ResultRow[] => rows.filter((row) => row.stage === stage);
  return { good: told(goodIn(of(a)), goodIn(of(b))), clean: told(cleanIn(of(a)), cleanIn(of(b))) };
}

const told = (a: readonly Cluster[], b: readonly Cluster[]): Difference | null =>
  Math.min(totalOf(a).n, totalOf(b).n) < FEW_RESULTS ? null : differenceOf(a, b, likenessOf(a, b));

/** Evening by evening: results that were good, of all noted. */
const goodIn = (rows: readonly ResultRow[]): Cluster[] =>
  byEvening(rows, ({ result, clean, faulty, unwatched }) => {
    const n = result === null ? 0 : clean + faulty + unwatched;
    return { n, hits: result !== null && isGood(result) ? n : 0 };
  });

/** Evening by evening: occasions watched whole that were clean. */
const cleanIn = (rows: readonly ResultRow[]): Cluster[] =>
  byEvening(rows, ({ result, clean, faulty }) => (result === null ? { n: clean + faulty, hits: clean } : { n: 0, hits: 0 }));

const byEvening = (rows: readonly ResultRow[], of: (row: ResultRow) => Cluster): Cluster[] =>
  [...grouped(rows, ({ evening }) => evening).values()].map((some) => totalOf(some.map(of))).filter(({ n }) => n > 0);
