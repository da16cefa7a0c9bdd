import { drawCalls, type CallList } from '../calls/draw.js';
import { placingOf, type StageSeen } from './seen.js';
import type { PlannedStretch } from '../stretch.js';
import { SESSION_LIMITS, type Session } from './session.js';

/** The calls of one work block: seeded by the session, the stage and the block, so that each round has its own and all can be drawn again. */
function callListOf(
  { stage, callables, dose }: StageSeen,
  session: Pick<Session, 'seed' | 'area'>,
  place: number,
  block: { readonly start: number; readonly end: number; readonly reps: number },
): CallList {
  if (!stage.calls) return { calls: [], counts: [], longestRun: 0, seconds: 0, problems: [] };
  const seed = (session.seed + Math.imul(place + 1, 2654435761)) >>> 0;
  const counted = dose.work.by === 'calls' ? { number: block.reps } : {};
  return drawCalls(callables, stage.calls, { seed, within: block.end - block.start, placing: placingOf(session), ...counted });
}

/**
 * The calls of each called stretch of work, by its place among the stretches. Longer than anybody can run it, what is called
 * would only fill the memory: nothing is drawn then.
 */
export function drawnIn(
  seen: readonly StageSeen[],
  session: Pick<Session, 'seed' | 'area'>,
  stretches: readonly PlannedStretch[],
): ReadonlyMap<number, CallList> {
  const lists = new Map<number, CallList>();
  if ((stretches.at(-1)?.end ?? 0) > SESSION_LIMITS.seconds) return lists;
  stretches.forEach((stretch, i) => {
    const one = seen[stretch.exercise];
    if (one?.stage.calls && stretch.kind === 'work') lists.set(i, callListOf(one, session, i, stretch));
  });
  return lists;
}
