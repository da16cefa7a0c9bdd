import type { Body } from '../body/body.js';
import { otherSide, type FootAt, type Side } from '../body/foot.js';
import type { School } from '../body/school.js';
import { type Feet, feetWith, inStanceFrame, movedFoot, originOf, type Posture } from '../body/stance.js';
import { dot, scale, sub, turned, wayOf, add } from '../body/vec.js';
import { hopOf, type FootAction, type MoveResult } from './action.js';

/** Signed lead of a foot over the other along the heading turned by `bearing`, metres. */
const aheadBy = (posture: Posture, foot: Side, bearing: number): number =>
  dot(sub(posture.feet[foot], posture.feet[otherSide(foot)]), wayOf(posture.heading + bearing));

/** A foot's toe in this school, heading given, when it leads or not: outward to its own side. */
function toeIn(school: School, side: Side, heading: number, leads: boolean): number {
  const out = leads ? school.toes.lead : school.toes.rear;
  return heading + (side === 'left' ? -out : out);
}

/** The same weights with the other foot leading. */
const otherShare = (before: Posture): number => 1 - before.leftShare;

/** Who leads after a foot has passed the other along the bearing; a pass that falls short leaves the lead. */
export function passes(before: Posture, foot: Side, bearing: number, metres: number, body: Body): boolean {
  return aheadBy(before, foot, bearing) + metres >= body.breadth.metres / 2 - 1e-9;
}

/** Metres of a passing step that give the same stance with the other lead: twice the stance's length along the bearing. */
export const fullPass = (before: Posture, foot: Side, bearing: number): number => 2 * Math.max(0, -aheadBy(before, foot, bearing));

/**
 * A passing step (a shift ahead, a back step behind): one foot goes past the other by `metres` of its own way and, once
 * past by half a foot breadth, takes or gives up the lead; both toes then turn as the school asks of the new lead.
 */
export function pass(
  before: Posture,
  foot: Side,
  bearing: number,
  metres: number,
  seconds: number,
  school: School,
  body: Body,
): MoveResult {
  const other = otherSide(foot);
  const from = before.feet[foot];
  const gone = movedFoot(from, scale(wayOf(before.heading + bearing), metres));
  const done = passes(before, foot, bearing, metres, body);
  const forward = Math.abs(bearing) <= 90;
  const lead = done ? (forward ? foot : other) : before.lead;
  const turns = done && school.staggered && lead !== before.lead;
  const to: FootAt = turns ? { ...gone, toe: toeIn(school, foot, before.heading, lead === foot) } : gone;
  const standing: FootAt = turns
    ? { ...before.feet[other], toe: toeIn(school, other, before.heading, lead === other) }
    : before.feet[other];
  const actions: FootAction[] = [{ foot, kind: 'step', start: 0, end: seconds, from, to, contact: true }];
  if (turns) actions.push({ foot: other, kind: 'turn', start: 0, end: seconds, from: before.feet[other], to: standing, contact: false });
  return {
    seconds,
    actions,
    after: {
      ...before,
      feet: feetWith(foot, to, standing),
      lead,
      leftShare: turns ? otherShare(before) : before.leftShare,
    },
    landing: seconds,
    units: ['step'],
    means: ['wide', 'pass'],
    moving: true,
  };
}

/**
 * A switch: both feet leave the floor and exchange ahead and behind, each on its own side, about the same origin; drifting,
 * the origin goes `metres` on a bearing at the same time. Null in a square stance, where there is nothing to exchange.
 */
export function switchFeet(before: Posture, bearing: number, metres: number, seconds: number, school: School): MoveResult | null {
  if (before.lead === null) return null;
  const lead = otherSide(before.lead);
  const origin = originOf(before.feet);
  const drift = scale(wayOf(before.heading + bearing), metres);
  const land = (side: Side): FootAt => {
    const own = inStanceFrame(before.feet[side], before);
    const at = add(add(origin, turned({ x: own.x, y: -own.y }, before.heading)), drift);
    return { ...at, toe: toeIn(school, side, before.heading, side === lead) };
  };
  const feet: Feet = { left: land('left'), right: land('right') };
  return {
    seconds,
    actions: [hopOf('left', before.feet, feet, 0, seconds), hopOf('right', before.feet, feet, 0, seconds)],
    after: { ...before, feet, lead, leftShare: otherShare(before) },
    landing: seconds,
    units: ['step'],
    means: ['pass'],
    moving: true,
  };
}
