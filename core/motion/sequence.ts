import type { Feet, Posture } from '../body/stance.js';
import type { Side } from '../body/foot.js';
import type { FootAction, MoveResult } from './action.js';

/** An action so many seconds later. */
export const later = (action: FootAction, seconds: number): FootAction => ({
  ...action,
  start: action.start + seconds,
  end: action.end + seconds,
  ...(action.airborneUntil === undefined ? {} : { airborneUntil: action.airborneUntil + seconds }),
});

/** Parts done one after the other as one move; it lands when its last part does. */
export function inSequence(before: Posture, ...parts: readonly ((from: Posture) => MoveResult)[]): MoveResult {
  let all: MoveResult = { seconds: 0, actions: [], after: before, landing: 0, units: [], means: [], moving: true };
  for (const part of parts) {
    const next = part(all.after);
    all = {
      seconds: all.seconds + next.seconds,
      actions: [...all.actions, ...next.actions.map((action) => later(action, all.seconds))],
      after: next.after,
      landing: all.seconds + next.landing,
      units: next.units,
      means: [...new Set([...all.means, ...next.means])],
      moving: true,
      tally: { ...all.tally, ...next.tally },
    };
  }
  return all;
}

/** A move that was done as if the feet stood elsewhere begins where they are. */
export function fromWhere<M extends MoveResult>(feet: Feet, done: M): M {
  const begun = new Set<Side>();
  const actions = done.actions.map((action) => {
    if (begun.size === begun.add(action.foot).size || action.from === feet[action.foot]) return action;
    return { ...action, from: feet[action.foot] };
  });
  return { ...done, actions };
}
