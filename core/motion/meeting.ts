import type { Body } from '../body/body.js';
import { outlineOf, otherSide, type FootAt, type Side } from '../body/foot.js';
import { overlap } from '../body/polygon.js';
import { feetWith, movedFoot, type Posture } from '../body/stance.js';
import { dot, scale, sub, wayOf, type Vec } from '../body/vec.js';
import type { FootAction, MoveResult } from './action.js';

/** Least metres for which a foot is lifted at all; feet that brush by less are still only touching. */
export const LEAST = 0.005;

/** What is missing by less than this, metres, is how numbers are rounded: no foot goes for it. */
export const ROUNDING = 1e-9;

/** Separation of the marks along a bearing, near minus far, metres; negative when the near foot lies behind. */
export function separation(posture: Posture, near: Side, bearing: number): number {
  return dot(sub(posture.feet[near], posture.feet[otherSide(near)]), wayOf(posture.heading + bearing));
}

/** How far a foot can go along a way, up to `most` metres, before its outline would touch the other one's. */
function untilTouching(foot: FootAt, other: FootAt, way: Vec, most: number, body: Body): number {
  const standing = outlineOf(other, body);
  const free = (metres: number): boolean => !overlap(outlineOf(movedFoot(foot, scale(way, metres)), body), standing);
  if (free(most)) return most;
  let low = 0;
  let high = most;
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (free(middle)) low = middle;
    else high = middle;
  }
  return most - low < LEAST && free(most - LEAST) ? most : low;
}

/**
 * A chassé or a gallop: the far foot comes up to the near one, touching it at most, the near foot goes on by `metres`, and
 * the far one makes up what is missing, if that is more than `least` metres, so that both have gone by as much. `flight` seconds both are
 * off the floor.
 */
export function meeting(
  before: Posture,
  near: Side,
  bearing: number,
  metres: number,
  seconds: number,
  flight: number,
  body: Body,
  least: number = ROUNDING,
): MoveResult {
  const far = otherSide(near);
  const way = wayOf(before.heading + bearing);
  const room = Math.max(0, Math.min(metres, separation(before, near, bearing)));
  const free = untilTouching(before.feet[far], before.feet[near], way, room, body);
  const first = free < LEAST ? 0 : free;
  const rest = metres - first;
  const parts = (first > 0 ? 1 : 0) + 1 + (rest > least ? 1 : 0);
  // The flight lies between the first foot's landing and the next one's leaving: they overlap by as much.
  const part = (seconds + (parts > 1 ? flight : 0)) / parts;
  const actions: FootAction[] = [];
  const feet: Record<Side, FootAt> = { ...before.feet };
  let at = 0;
  const go = (foot: Side, by: number): void => {
    const to = movedFoot(feet[foot], scale(way, by));
    actions.push({ foot, kind: 'step', start: at, end: at + part, from: feet[foot], to, contact: true });
    feet[foot] = to;
    at += part - (actions.length === 1 ? flight : 0);
  };
  if (first > 0) go(far, first);
  go(near, metres);
  if (rest > least) go(far, rest);
  const end = actions.at(-1)?.end ?? seconds;
  return {
    seconds: end,
    actions,
    after: { ...before, feet: feet },
    landing: end,
    units: ['step'],
    means: ['touch'],
    moving: true,
    tally: flight > 0 ? { landing: 'gallop' } : {},
  };
}

/**
 * A pendulum: the far foot lands in the near foot's place along the bearing, as the near foot leaves, and drives it out by
 * `metres`. Null when the feet are less than half a foot breadth apart along the bearing: there is nothing to swing into.
 */
export function pendulum(
  before: Posture,
  near: Side,
  bearing: number,
  metres: number | null,
  seconds: number,
  body: Body,
): MoveResult | null {
  const apart = separation(before, near, bearing);
  if (apart < body.breadth.metres / 2) return null;
  const far = otherSide(near);
  const way = wayOf(before.heading + bearing);
  const landed = movedFoot(before.feet[far], scale(way, apart));
  const out = movedFoot(before.feet[near], scale(way, metres ?? apart));
  const actions: FootAction[] = [
    { foot: far, kind: 'step', start: 0, end: seconds / 2, from: before.feet[far], to: landed, contact: true },
    { foot: near, kind: 'step', start: seconds * 0.4, end: seconds, from: before.feet[near], to: out, contact: true },
  ];
  const feet = feetWith(far, landed, out);
  return { seconds, actions, after: { ...before, feet }, landing: seconds, units: ['step'], means: ['touch'], moving: true };
}

/** A half step: one foot goes `metres` on a bearing and comes back; the other stays. */
export function halfStep(before: Posture, foot: Side, bearing: number, metres: number, seconds: number): MoveResult {
  const from = before.feet[foot];
  const out = movedFoot(from, scale(wayOf(before.heading + bearing), metres));
  const half = seconds / 2;
  return {
    seconds,
    actions: [
      { foot, kind: 'step', start: 0, end: half, from, to: out, contact: true },
      { foot, kind: 'step', start: half, end: seconds, from: out, to: from, contact: true },
    ],
    after: before,
    landing: half,
    units: ['step'],
    means: ['wide', 'pass'],
    moving: true,
  };
}
