import type { Body } from '../body/body.js';
import { otherSide, type FootAt, type Side, SIDES } from '../body/foot.js';
import type { School } from '../body/school.js';
import { originOf, standIn, type Posture } from '../body/stance.js';
import { distance, turnedAbout, add } from '../body/vec.js';
import type { FootAction, MoveResult } from './action.js';

/** Below these, metres and degrees, a foot stands where it should. */
const THERE = { metres: 0.01, degrees: 2 } as const;

/** The school's stance about the present origin and heading. */
export function readyAt(before: Posture, school: School, body: Body, lead: Side | null): Posture {
  const wanted = standIn(school, body, lead);
  const origin = originOf(before.feet);
  const place = (foot: FootAt): FootAt => ({ ...turnedAbout(add(foot, origin), origin, before.heading), toe: foot.toe + before.heading });
  return { ...wanted, feet: { left: place(wanted.feet.left), right: place(wanted.feet.right) }, heading: before.heading };
}

/**
 * Back to the school's stance about the present origin and heading; the foot that is further off goes first. `footSeconds` each, of so
 * many that go. Of two that are as far off the one goes first that does not lead; where none leads the playing one, if it is said.
 */
export function squareUp(
  before: Posture,
  footSeconds: (feet: number) => number,
  school: School,
  body: Body,
  lead: Side | null,
  playing: Side | null,
): MoveResult {
  const wanted = readyAt(before, school, body, lead);
  const { feet } = wanted;
  const second = before.lead ?? (playing && otherSide(playing));
  const off = (side: Side): number => distance(before.feet[side], feet[side]);
  const moved = SIDES.filter((side) => off(side) > THERE.metres || Math.abs(before.feet[side].toe - feet[side].toe) > THERE.degrees)
    // So that left and right are alike.
    .sort((a, b) => (Math.abs(off(a) - off(b)) < 1e-9 ? (a === second ? 1 : -1) : off(b) - off(a)));
  const each = footSeconds(Math.max(1, moved.length));
  const actions = moved.map((foot, i): FootAction => ({
    foot,
    kind: 'step',
    start: i * each,
    end: (i + 1) * each,
    from: before.feet[foot],
    to: feet[foot],
    contact: true,
  }));
  const seconds = Math.max(1, moved.length) * each;
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
