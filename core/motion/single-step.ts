import { otherSide, type Side } from '../body/foot.js';
import { feetWith, inStanceFrame, movedFoot, sizeOf, type Posture } from '../body/stance.js';
import { scale, turned, wayOf, type Vec } from '../body/vec.js';
import type { MoveResult } from './action.js';

/** One foot goes by so much and stays there. */
function goes(before: Posture, foot: Side, by: Vec, seconds: number): MoveResult {
  const from = before.feet[foot];
  const to = movedFoot(from, by);
  return {
    seconds,
    actions: [{ foot, kind: 'step', start: 0, end: seconds, from, to, contact: true }],
    after: { ...before, feet: feetWith(foot, to, before.feet[otherSide(foot)]) },
    landing: seconds,
    units: ['step'],
    means: ['wide', 'pass', 'touch'],
    moving: true,
  };
}

/** A plain step of one foot, `metres` on a bearing; the other one stays, and so does this one. */
export const singleStep = (before: Posture, foot: Side, bearing: number, metres: number, seconds: number): MoveResult =>
  goes(before, foot, scale(wayOf(before.heading + bearing), metres), seconds);

/**
 * One foot goes across until the marks are `width` apart to the sides: level with the other one, or as far ahead or behind as it was.
 * Feet `width` of one foot's breadth apart touch.
 */
export function sideways(before: Posture, foot: Side, width: number, along: 'level' | 'as it is', seconds: number): MoveResult {
  const size = sizeOf(before.feet, before.heading);
  const sign = foot === 'right' ? 1 : -1;
  const across = sign * (width - size.width);
  const own = inStanceFrame(before.feet[foot], before);
  // Marks lie evenly about the origin: level is twice as far as the foot is from it.
  const ahead = along === 'level' ? -2 * own.y : 0;
  return goes(before, foot, turned({ x: across, y: ahead }, before.heading), seconds);
}
