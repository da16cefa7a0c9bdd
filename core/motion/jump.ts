import type { Body } from '../body/body.js';
import { otherSide, type FootAt, type Side } from '../body/foot.js';
import { inStanceFrame, movedFoot, originOf, sizeOf, type Feet, type Posture } from '../body/stance.js';
import { add, scale, turned, wayOf } from '../body/vec.js';
import { hopOf, type MoveResult } from './action.js';

/** A jump off and onto both feet, in place or `metres` on a bearing; they land as they left, after `flight` seconds. */
export function jump(before: Posture, bearing: number, metres: number, seconds: number, flight: number): MoveResult {
  const by = scale(wayOf(before.heading + bearing), metres);
  const feet: Feet = { left: movedFoot(before.feet.left, by), right: movedFoot(before.feet.right, by) };
  return {
    seconds,
    actions: [hopOf('left', before.feet, feet, 0, flight), hopOf('right', before.feet, feet, 0, flight)],
    after: { ...before, feet },
    landing: flight,
    units: ['arrival'],
    means: [],
    moving: true,
    tally: { landing: 'jump' },
  };
}

/**
 * A jump aside from the foot of that side and back onto it, the other foot after it: both go `metres` on a bearing,
 * `flight` seconds off the floor, the second foot down at the end.
 */
export function sideJump(before: Posture, foot: Side, bearing: number, metres: number, seconds: number, flight: number): MoveResult {
  const by = scale(wayOf(before.heading + bearing), metres);
  const other = otherSide(foot);
  const feet: Feet = { left: movedFoot(before.feet.left, by), right: movedFoot(before.feet.right, by) };
  return {
    seconds,
    actions: [hopOf(foot, before.feet, feet, 0, flight), hopOf(other, before.feet, feet, 0, (flight + seconds) / 2)],
    after: { ...before, feet },
    landing: flight,
    units: ['arrival'],
    means: ['wide'],
    moving: true,
    tally: { landing: 'jump' },
  };
}

/**
 * A scissor jump: the legs exchange ahead and behind in the air about the same origin as the body turns by `degrees`. A lead
 * goes to the other foot. Null where the feet stand level and the body does not turn: there is nothing to exchange.
 */
export function scissorJump(before: Posture, degrees: number, seconds: number, flight: number, body: Body): MoveResult | null {
  const level = Math.abs(sizeOf(before.feet, before.heading).leftAhead) < body.breadth.metres / 2;
  if (level && degrees === 0) return null;
  const origin = originOf(before.feet);
  const heading = before.heading + degrees;
  const land = (side: Side): FootAt => {
    const own = inStanceFrame(before.feet[side], before);
    const outward = before.feet[otherSide(side)].toe - before.heading;
    // The foot takes over the other one's place and, mirrored, its toe.
    return { ...add(origin, turned({ x: own.x, y: level ? own.y : -own.y }, heading)), toe: heading - outward };
  };
  const feet: Feet = { left: land('left'), right: land('right') };
  const exchanged = !level && before.lead !== null;
  return {
    seconds,
    actions: [hopOf('left', before.feet, feet, 0, flight), hopOf('right', before.feet, feet, 0, flight)],
    after: {
      feet,
      heading,
      lead: exchanged ? otherSide(before.lead) : before.lead,
      leftShare: exchanged ? 1 - before.leftShare : before.leftShare,
    },
    landing: flight,
    units: ['arrival'],
    means: ['pass', 'wide'],
    moving: true,
    tally: { landing: 'jump' },
  };
}
