import { drawCalls, type CallList } from '../calls/draw.js';
import { placingOf, type StageSeen } from './seen.js';
import type { Session } from './session.js';

/** The calls of one work block: seeded by the session, the stage and the block, so that each round has its own and all can be drawn again. */
export function callListOf(
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
