import { otherSide, type Side } from '../body/foot.js';
import { feetWith, movedFoot, type Posture } from '../body/stance.js';
import { scale, wayOf } from '../body/vec.js';
import type { FootAction, MoveResult } from './action.js';

/**
 * A gather step: one foot goes `first` metres on a bearing in `one` seconds, the other is brought up by `second` in `two`.
 * With both alike it ends in exactly the stance it began. Bearing in degrees from the facing line.
 */
export function gather(before: Posture, leading: Side, bearing: number, first: number, second: number, one: number, two = one): MoveResult {
  const way = wayOf(before.heading + bearing);
  const following = otherSide(leading);
  const step = (foot: Side, metres: number, start: number, end: number): FootAction => ({
    foot,
    kind: 'step',
    start,
    end,
    from: before.feet[foot],
    to: movedFoot(before.feet[foot], scale(way, metres)),
    contact: true,
  });
  const seconds = one + two;
  const [out, up] = [step(leading, first, 0, one), step(following, second, one, seconds)];
  const actions = [out, up];
  const feet = feetWith(leading, out.to, up.to);
  return { seconds, actions, after: { ...before, feet }, landing: seconds, units: ['step'], means: [], moving: true };
}
