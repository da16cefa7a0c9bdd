import type { Body } from '../body/body.js';
import { otherSide, type FootAt, type Side } from '../body/foot.js';
import type { Posture } from '../body/stance.js';
import { add, dot, scale, sub, wayOf } from '../body/vec.js';
import type { MoveResult } from './action.js';
import { separation } from './meeting.js';

/** How far a crossing foot swings out of the standing foot's way at mid-swing, in foot lengths (common practice, no source). */
const SWING_OUT = 0.9;

/** Metres of a crossing step that set the foot down so far beyond the standing one. */
export const beyond = (before: Posture, moving: Side, bearing: number, metres: number): number =>
  Math.max(0, separation(before, otherSide(moving), bearing)) + metres;

/**
 * A step of one foot `metres` on a bearing past the other: a crossover swings out ahead of the standing foot, a cross behind
 * behind it, a running step goes straight past. It lands on its own line; the feet may stand crossed afterwards, and the
 * lead is as it was until the stance is squared up again.
 */
export function stepPast(
  before: Posture,
  foot: Side,
  bearing: number,
  metres: number,
  how: 'front' | 'behind' | 'past',
  seconds: number,
  body: Body,
): MoveResult {
  const from = before.feet[foot];
  const to: FootAt = { ...add(from, scale(wayOf(before.heading + bearing), metres)), toe: from.toe };
  const out = wayOf(before.heading + (how === 'behind' ? 180 : 0));
  // A foot that stands out of the way already need not swing further.
  const room = dot(sub(before.feet[otherSide(foot)], from), out);
  const bow = how === 'past' ? null : scale(out, Math.max(0, SWING_OUT * body.foot.metres + room));
  return {
    seconds,
    actions: [{ foot, kind: 'step', start: 0, end: seconds, from, to, contact: true, ...(bow && { bow }) }],
    after: { ...before, feet: { ...before.feet, [foot]: to } },
    landing: seconds,
    units: ['step'],
    means: ['wide', 'pass', 'cross'],
    moving: true,
  };
}
