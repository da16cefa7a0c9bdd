import type { CallList } from '../calls/draw.js';
import { chimedRound, type Chimed } from '../chimes.js';
import { wholeReps } from '../phases.js';
import { wayAt, type StageSeen } from './seen.js';

/** When the repetitions of a work block start, seconds from its start, and the chimed moves between them. */
export interface Repetitions {
  readonly starts: readonly number[];
  readonly chimes: readonly Chimed[];
}

/** How many repetitions a block holds, without when each starts: in a called one the calls that were planned. */
export function repsIn(one: StageSeen, block: Parameters<typeof repetitionsIn>[1]): number {
  if (one.stage.calls) return block.reps;
  if (one.dose.chimes.length > 0) return repetitionsIn(one, block).starts.length;
  const rep = wayAt(one, block).rep?.seconds ?? 0;
  if (rep <= 0) return 0;
  return one.stations.length > 0 ? wholeReps(block.end - block.start, rep) : block.reps;
}

/** The repetitions that a block of a stage holds: whole ones only; calls where it is called; what chimes leave whole. */
export function repetitionsIn(
  one: StageSeen,
  block: { readonly start: number; readonly end: number; readonly way: 0 | 1; readonly round: number; readonly reps: number },
  calls: CallList | null = null,
): Repetitions {
  if (calls) return { starts: calls.calls.map((call) => call.at), chimes: [] };
  const rep = wayAt(one, block).rep?.seconds ?? 0;
  const length = block.end - block.start;
  if (rep <= 0) return { starts: [], chimes: [] };
  if (one.dose.chimes.length > 0) return chimedRound(length, rep, one.dose.chimes, one.chimeSeconds);
  // Repetitions by count are spread over what is claimed for them.
  const claimed = one.dose.work.by === 'count' && one.dose.work.within !== null && block.reps > 0;
  const every = claimed ? length / block.reps : rep;
  return { starts: Array.from({ length: repsIn(one, block) }, (_, k) => k * every), chimes: [] };
}
