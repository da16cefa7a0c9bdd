import { claimOf } from '../../language/dose.js';
import type { CallList } from '../calls/draw.js';
import { chimedRound, type Chimed } from '../chimes.js';
import { wholeReps } from '../work-and-rest.js';
import { wayAt, type StageSeen } from './seen.js';

/** When the repetitions of a work stretch start, seconds from its start, and the chimed moves between them. */
export interface Repetitions {
  readonly starts: readonly number[];
  readonly chimes: readonly Chimed[];
}

/** How many repetitions a stretch holds, without when each starts: in a called one the calls that were planned. */
export function repsIn(one: StageSeen, stretch: Parameters<typeof repetitionsIn>[1]): number {
  if (one.stage.calls) return stretch.reps;
  if (one.dose.chimes.length > 0) return repetitionsIn(one, stretch).starts.length;
  const rep = wayAt(one, stretch).seconds ?? 0;
  if (rep <= 0) return 0;
  return one.stations.length > 0 ? wholeReps(stretch.end - stretch.start, rep) : stretch.reps;
}

/** The repetitions that a stretch of a stage holds: whole ones only; calls where it is called; what chimes leave whole. */
export function repetitionsIn(
  one: StageSeen,
  stretch: { readonly start: number; readonly end: number; readonly way: 0 | 1; readonly round: number; readonly reps: number },
  calls: CallList | null = null,
): Repetitions {
  if (calls) return { starts: calls.calls.map((call) => call.at), chimes: [] };
  const rep = wayAt(one, stretch).seconds ?? 0;
  const length = stretch.end - stretch.start;
  if (rep <= 0) return { starts: [], chimes: [] };
  if (one.dose.chimes.length > 0) return chimedRound(length, rep, one.dose.chimes, secondsOfChimes(one, stretch.way));
  // Repetitions by count are spread over what is claimed for them.
  const claimed = claimOf(one.dose) !== null && stretch.reps > 0;
  const starts = Array.from({ length: repsIn(one, stretch) }, (_, k) => (claimed ? spread(k, length, stretch.reps) : k * rep));
  return { starts, chimes: [] };
}

/** Start of the k-th of n parts of a length: the whole millisecond before it, so that each part holds what fits into it. */
const spread = (k: number, length: number, n: number): number => Math.floor((k * length * 1000) / n + 1e-6) / 1000;

/** How long what each chime has done takes, as written or the other way. */
export const secondsOfChimes = ({ chimed }: Pick<StageSeen, 'chimed'>, way: 0 | 1): number[] =>
  chimed.map((ways) => ways[way].seconds ?? 0);
