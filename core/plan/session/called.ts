import { drawCalls, type CallList } from '../calls/draw.js';
import { placingOf, type StageSeen } from './seen.js';
import type { PlannedStretch } from '../stretch.js';
import { SESSION_LIMITS, type Session } from './session.js';

/**
 * The calls of each called stretch of work, by its place among the stretches: seeded by the session and the place, so that each
 * round has its own and all can be drawn again. Longer than anybody can run it, what is called would only fill the memory:
 * nothing is drawn then.
 */
export function callsIn(
  seen: readonly StageSeen[],
  session: Pick<Session, 'seed' | 'area'>,
  stretches: readonly PlannedStretch[],
): ReadonlyMap<number, CallList> {
  const lists = new Map<number, CallList>();
  if ((stretches.at(-1)?.end ?? 0) > SESSION_LIMITS.seconds) return lists;
  stretches.forEach((stretch, i) => {
    const one = seen[stretch.exercise];
    if (!one?.stage.calls || stretch.kind !== 'work') return;
    const seed = (session.seed + Math.imul(i + 1, 2654435761)) >>> 0;
    const counted = one.dose.work.by === 'calls' ? { number: stretch.reps } : {};
    const within = stretch.end - stretch.start;
    lists.set(i, drawCalls(one.callables, one.stage.calls, { seed, within, placing: placingOf(session), ...counted }));
  });
  return lists;
}
