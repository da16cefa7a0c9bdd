import type { Body } from '../body/body.js';
import { type FootAt, type Side, SIDES } from '../body/foot.js';
import type { School } from '../body/school.js';
import { originOf, standIn, type Posture } from '../body/stance.js';
import { distance, turnedAbout, add } from '../body/vec.js';
import type { FootAction, MoveResult } from './action.js';

/** Below these, metres and degrees, a foot stands where it should. */
const THERE = { metres: 0.01, degrees: 2 } as const;

/** Back to the school's stance about the present origin and heading; the foot that is further off goes first. `footSeconds` each. */
export function squareUp(before: Posture, footSeconds: number, school: School, body: Body, lead: Side | null): MoveResult {
  const wanted = standIn(school, body, lead);
  const origin = originOf(before.feet);
  const place = (foot: FootAt): FootAt => ({ ...turnedAbout(add(foot, origin), origin, before.heading), toe: foot.toe + before.heading });
  const feet = { left: place(wanted.feet.left), right: place(wanted.feet.right) };
  const off = (side: Side): number => distance(before.feet[side], feet[side]);
  const moved = SIDES.filter((side) => off(side) > THERE.metres || Math.abs(before.feet[side].toe - feet[side].toe) > THERE.degrees)
    // Of two that are as far off the one goes first that does not lead, so that left and right are alike.
    .sort((a, b) => (Math.abs(off(a) - off(b)) < 1e-9 ? (a === before.lead ? 1 : -1) : off(b) - off(a)));
  const actions = moved.map((foot, i): FootAction => ({
    foot,
    kind: 'step',
    start: i * footSeconds,
    end: (i + 1) * footSeconds,
    from: before.feet[foot],
    to: feet[foot],
    contact: true,
  }));
  const seconds = Math.max(1, moved.length) * footSeconds;
  const stands = {
    left: moved.includes('left') ? feet.left : before.feet.left,
    right: moved.includes('right') ? feet.right : before.feet.right,
  };
  return {
    seconds,
    actions,
    after: { ...before, feet: stands, lead: wanted.lead, leftShare: wanted.leftShare },
    landing: seconds,
    units: ['step'],
    means: ['wide', 'pass', 'touch'],
    moving: true,
  };
}
