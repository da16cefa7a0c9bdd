import { differenceOf, type Difference } from './difference.js';
import type { Decision } from './decide.js';
import { totalOf, type Cluster } from './likeness.js';
import { RECURRENCE } from './recurrence.js';
import type { Sequential } from './sequential.js';

/** What a coach can decide: on to what is harder, go on as it is, back to what is easier. */
export const DECIDED = ['next', 'stay', 'back'] as const;
export type Decided = (typeof DECIDED)[number];

/** By which rule: the rule of thumb, or the running test. */
export const DECIDED_BY = ['thumb', 'running'] as const;
export type DecidedBy = (typeof DECIDED_BY)[number];

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
  /** Evenings since that could show it, and what was seen in them. */
  readonly evenings: number;
  readonly since: Cluster;
  /** Those evenings against as many before as a review has; null while nothing was watched on one of the sides. */
  readonly difference: Difference | null;
}

/**
 * What a change did to a fault: the evenings since against as many before it as a review has. Null unless something was watched on both
 * sides. Where the interval holds 0 it is noise, as far as can be told.
 * @param could evenings that could show the fault, in the order of time
 * @param upTo the last day before it
 * @param from the first day after it
 */
export const around = (could: readonly Evening[], upTo: string, from: string): Difference | null =>
  differenceOf(
    could.filter(({ day }) => day <= upTo).slice(-RECURRENCE.every),
    could.filter(({ day }) => day >= from),
  );

/**
 * What came of a decision, by the evenings after the day up to which was known then. That it came after is not that it came of it: what
 * else changed is not known.
 * @param evenings of its fault, in the order of time; those that could not show it are passed over
 */
export function cameOf(evenings: readonly Evening[], { day }: Pick<Kept, 'day'>): CameOf {
  const could = evenings.filter(({ n }) => n > 0);
  const since = could.filter((one) => one.day > day);
  const [next] = since;
  const { hits, n } = totalOf(since);
  return { evenings: since.length, since: { hits, n }, difference: next ? around(could, day, next.day) : null };
}

/**
 * The evenings of a fault from which its running test adds up: since the last decision for going on or back that stands, which ends the
 * test before it. To stay does not.
 * @param evenings of the fault, in the order of time
 * @param decisions of the athlete, of any fault
 */
export function testedSince<E extends Evening>(evenings: readonly E[], decisions: readonly Kept[], fault: string): readonly E[] {
  const ends = decisions.filter((one) => one.fault === fault && one.decided !== 'stay' && !one.takenBack).map(({ day }) => day);
  const last = ends.sort().at(-1);
  return last === undefined ? evenings : evenings.filter(({ day }) => day > last);
}

/** What a rule said. */
export const saidBy = (by: DecidedBy, thumb: Decision, running: Sequential): Decision => (by === 'thumb' ? thumb : running.decision);
