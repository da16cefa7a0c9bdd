import { otherSide, type FootAt, type Side } from '../body/foot.js';
import { feetWith, type Posture } from '../body/stance.js';
import { turnedAbout } from '../body/vec.js';
import type { MoveResult } from './action.js';

/**
 * A turn on the ball of one foot by `degrees` (clockwise positive). The pivot foot's mark stays, its toe turns;
 * the free foot slides on its circle to the same place in the turned stance, or `swing` degrees beyond it: an error.
 */
export function pivot(before: Posture, on: Side, degrees: number, seconds: number, swing = 0): MoveResult {
  const free = otherSide(on);
  const centre = before.feet[on];
  const pivotTo: FootAt = { ...centre, toe: centre.toe + degrees };
  const freeFrom = before.feet[free];
  const freeTo: FootAt = { ...turnedAbout(freeFrom, centre, degrees + swing), toe: freeFrom.toe + degrees + swing };
  return {
    seconds,
    actions: [
      { foot: on, kind: 'turn', start: 0, end: seconds, from: centre, to: pivotTo, contact: false },
      { foot: free, kind: 'slide', start: 0, end: seconds, from: freeFrom, to: freeTo, about: centre, contact: true },
    ],
    after: { ...before, feet: feetWith(on, pivotTo, freeTo), heading: before.heading + degrees },
    landing: seconds,
    units: ['turn'],
    means: [],
    moving: true,
    tally: { pivot: degrees < 0 ? 'left' : 'right' },
  };
}
