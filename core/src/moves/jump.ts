import type { Side } from '../body/foot.js';
import { scale, wayOf } from '../geometry/vec.js';
import { movedFoot, type Feet, type Posture } from '../stance/stance.js';
import type { FootAction, MoveResult } from './action.js';

/** A jump off and onto both feet, in place or `metres` on a bearing; they land as they left, after `flight` seconds. */
export function jump(before: Posture, bearing: number, metres: number, seconds: number, flight: number): MoveResult {
  const by = scale(wayOf(before.heading + bearing), metres);
  const feet: Feet = { left: movedFoot(before.feet.left, by), right: movedFoot(before.feet.right, by) };
  const hop = (foot: Side): FootAction => ({
    foot,
    kind: 'hop',
    start: 0,
    end: flight,
    from: before.feet[foot],
    to: feet[foot],
    airborneUntil: flight,
    contact: true,
  });
  return {
    seconds,
    actions: [hop('left'), hop('right')],
    after: { ...before, feet },
    landing: flight,
    units: ['arrival'],
    means: [],
    moving: true,
  };
}
