import { otherSide, type FootAt, type Side } from '../body/foot.js';
import type { Posture } from '../body/stance.js';
import { add, scale, sub, wayOf } from '../body/vec.js';
import type { MoveResult } from './action.js';

/** Share of weight on the front foot of a lunge (common practice, no source). */
const LUNGE_LOAD = 0.75;

/** Share on the foot of a reaching step or a step in, which comes out again at once (common practice, no source). */
const REACH_LOAD = 0.65;

/** How one reaches: a lunge points its toe the way it goes, a reaching step ahead, a step in as it was. */
export type Reach = 'lunge' | 'reaching step' | 'step in';

/** A reach: one foot goes `metres` on a bearing, the other stays. */
export function lunge(before: Posture, foot: Side, bearing: number, metres: number, seconds: number, reach: Reach = 'lunge'): MoveResult {
  const heading = before.heading + bearing;
  const from = before.feet[foot];
  const toe = reach === 'lunge' ? heading : reach === 'reaching step' ? before.heading : from.toe;
  const load = reach === 'lunge' ? LUNGE_LOAD : REACH_LOAD;
  const to: FootAt = { ...add(from, scale(wayOf(heading), metres)), toe };
  return {
    seconds,
    actions: [{ foot, kind: 'step', start: 0, end: seconds, from, to, contact: true }],
    after: { ...before, feet: { ...before.feet, [foot]: to }, leftShare: foot === 'left' ? load : 1 - load },
    landing: seconds,
    units: ['arrival'],
    means: ['wide', 'pass'],
    moving: true,
    tally: reach === 'lunge' ? { reach: foot, lunge: foot } : { reach: foot },
  };
}

/**
 * The way out of a lunge that began in `origin`: back, the same foot returns to where it was; ahead, the other foot
 * comes up by as much, so that the stance is the one from before, further on.
 */
export function recover(before: Posture, origin: Posture, foot: Side, way: 'back' | 'ahead', seconds: number): MoveResult {
  const moving = way === 'back' ? foot : otherSide(foot);
  const gone = sub(before.feet[foot], origin.feet[foot]);
  const to: FootAt = way === 'back' ? origin.feet[foot] : { ...add(origin.feet[moving], gone), toe: origin.feet[moving].toe };
  const standing = way === 'back' ? before.feet[otherSide(foot)] : { ...before.feet[foot], toe: origin.feet[foot].toe };
  const turnBack =
    way === 'ahead' && before.feet[foot].toe !== standing.toe
      ? [{ foot, kind: 'turn' as const, start: 0, end: seconds, from: before.feet[foot], to: standing, contact: false }]
      : [];
  return {
    seconds,
    actions: [{ foot: moving, kind: 'step', start: 0, end: seconds, from: before.feet[moving], to, contact: true }, ...turnBack],
    after: { ...origin, feet: moving === 'left' ? { left: to, right: standing } : { left: standing, right: to } },
    landing: seconds,
    units: ['back'],
    means: ['wide', 'pass'],
    moving: true,
  };
}
