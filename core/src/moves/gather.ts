import { otherSide, type Side } from '../body/foot.js';
import { scale, wayOf } from '../geometry/vec.js';
import { movedFoot, type Feet, type Posture } from '../stance/stance.js';
import type { FootAction, MoveResult } from './action.js';

/**
 * A gather step: one foot goes `first` metres on a bearing, the other is brought up by `second`.
 * With both alike it ends in exactly the stance it began. Bearing in degrees from the facing line, seconds for the whole.
 */
export function gather(before: Posture, leading: Side, bearing: number, first: number, second: number, seconds: number): MoveResult {
  const way = wayOf(before.heading + bearing);
  const following = otherSide(leading);
  const half = seconds / 2;
  const step = (foot: Side, metres: number, start: number): FootAction => ({
    foot,
    kind: 'step',
    start,
    end: start + half,
    from: before.feet[foot],
    to: movedFoot(before.feet[foot], scale(way, metres)),
    contact: true,
  });
  const actions = [step(leading, first, 0), step(following, second, half)];
  const feet = { [leading]: actions[0]?.to, [following]: actions[1]?.to } as unknown as Feet;
  return { seconds, actions, after: { ...before, feet }, landing: seconds, units: ['step'], means: [], moving: true };
}
