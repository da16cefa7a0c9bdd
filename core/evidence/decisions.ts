import { differenceOf, type Difference } from './difference.js';
import type { Decision } from './decide.js';
import { totalOf, type Cluster } from './likeness.js';
import { BOOK_RULES, type BookRules, type DecidedBy } from './book-rules.js';
import { SEQUENTIAL, sequential, type Sequential } from './sequential.js';

/** What a coach can decide: on to what is harder, go on as it is, back to what is easier. */
export const DECIDED = ['next', 'stay', 'back'] as const;
export type Decided = (typeof DECIDED)[number];

/** What a coach decided of one fault, by what was known up to a day (YYYY-MM-DD). */
export interface Kept {
  readonly fault: string;
  readonly day: string;
  readonly decided: Decided;
  readonly takenBack: boolean;
}

/** One evening of a fault, by its day (YYYY-MM-DD). */
export type Evening = Cluster & { readonly day: string };

/** What came of a decision. */
export interface CameOf {
  /** Evenings after it that could show it, and what was seen in them. */
  readonly evenings: number;
  readonly since: Cluster;
  /** The day of the next decision for going on or back, up to which they are: what came later came of that one. Null: there is none yet. */
  readonly until: string | null;
  /** Those evenings against as many before as a review has; null while nothing was watched on one of the sides. */
  readonly difference: Difference | null;
}

/** A running test with its days (YYYY-MM-DD). */
export interface RunningTest extends Sequential {
  /** After which decision it began anew; null: from the first evening on. */
  readonly after: string | null;
  /** The evening on which it came to a decision; null while it is open. */
  readonly on: string | null;
}

/**
 * What a change did to a fault: the evenings since against as many before it as a review has. Null unless something was watched on both
 * sides. Where the interval holds 0 it is noise, as far as can be told.
 * @param could evenings that could show the fault, in the order of time
 * @param upTo the last day before it
 * @param from the first day after it
 */
export const around = (could: readonly Evening[], upTo: string, from: string, { recurrence }: BookRules = BOOK_RULES): Difference | null =>
  differenceOf(
    could.filter(({ day }) => day <= upTo).slice(-recurrence.every),
    could.filter(({ day }) => day >= from),
  );

/** Days of decisions for going on or back that stand, of one fault: to stay changes nothing. */
const changesOf = (decisions: readonly Kept[], fault: string): string[] =>
  decisions
    .filter((one) => one.fault === fault && one.decided !== 'stay' && !one.takenBack)
    .map(({ day }) => day)
    .sort();

/**
 * What came of a decision, by the evenings after the day up to which was known then, as far as the next one for going on or back. That
 * it came after is not that it came of it: what else changed is not known.
 * @param evenings of its fault, in the order of time; those that could not show it are passed over
 * @param decisions of the athlete, of any fault
 */
export function cameOf(
  evenings: readonly Evening[],
  { fault, day }: Pick<Kept, 'fault' | 'day'>,
  decisions: readonly Kept[],
  rules: BookRules = BOOK_RULES,
): CameOf {
  const until = changesOf(decisions, fault).find((change) => change > day) ?? null;
  const could = evenings.filter((one) => one.n > 0 && (until === null || one.day <= until));
  const since = could.filter((one) => one.day > day);
  const [next] = since;
  const { hits, n } = totalOf(since);
  return { evenings: since.length, since: { hits, n }, until, difference: next ? around(could, day, next.day, rules) : null };
}

/**
 * The running test of a fault: since the last decision for going on or back that stands, which ended the one before it.
 * @param evenings of the fault, in the order of time; those that could not show it are passed over
 * @param decisions of the athlete, of any fault
 */
export function runningTest(
  evenings: readonly Evening[],
  decisions: readonly Kept[],
  fault: string,
  { running }: BookRules = BOOK_RULES,
): RunningTest {
  const after = changesOf(decisions, fault).at(-1) ?? null;
  const tested = evenings.filter(({ day, n }) => n > 0 && (after === null || day > after));
  const test = sequential(tested, { ...running, rho: SEQUENTIAL.rho });
  return { ...test, after, on: test.decidedAfter === null ? null : (tested[test.decidedAfter - 1]?.day ?? null) };
}

/** What a rule said. */
export const saidBy = (by: DecidedBy, thumb: Decision, running: Sequential): Decision => (by === 'thumb' ? thumb : running.decision);
