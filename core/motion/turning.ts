import { otherSide, type FootAt, type Side } from '../body/foot.js';
import { type Feet, feetWith, movedFoot, originOf, type Posture } from '../body/stance.js';
import { add, distance, normalised, scale, turnedAbout, wayOf, type Vec } from '../body/vec.js';
import type { FootAction, MoveResult } from './action.js';
import { bearingTo } from './bearing-to.js';
import { pivot } from './pivot.js';

/**
 * One foot steps `metres` off on a bearing, then the body turns on it by `degrees` while the other foot comes into the same
 * place of the turned stance: cut, side step and turn, step-out quarter. The stance afterwards is the one from before.
 */
export function stepAndTurn(before: Posture, foot: Side, bearing: number, metres: number, degrees: number, seconds: number): MoveResult {
  const other = otherSide(foot);
  const by = scale(wayOf(before.heading + bearing), metres);
  const half = seconds / 2;
  const out = movedFoot(before.feet[foot], by);
  const turned: FootAt = { ...out, toe: out.toe + degrees };
  const gathered = movedFoot(before.feet[other], by);
  const to: FootAt = { ...turnedAbout(gathered, out, degrees), toe: gathered.toe + degrees };
  const actions: FootAction[] = [
    { foot, kind: 'step', start: 0, end: half, from: before.feet[foot], to: out, contact: true },
    { foot, kind: 'turn', start: half, end: seconds, from: out, to: turned, contact: false },
    { foot: other, kind: 'step', start: half, end: seconds, from: before.feet[other], to, contact: true },
  ];
  const feet = feetWith(foot, turned, to);
  return {
    seconds,
    actions,
    after: { ...before, feet, heading: before.heading + degrees },
    landing: seconds,
    units: ['turn'],
    means: ['wide', 'pass'],
    moving: true,
    tally: degrees === 0 ? {} : { pivot: degrees < 0 ? 'left' : 'right' },
  };
}

/**
 * Around an opponent at `centre`, facing them: going to the athlete's right by δ degrees turns the heading by −δ, to the
 * left by +δ; the origin keeps its distance and both feet their place in the stance. `degrees` positive goes right.
 */
export function orbit(before: Posture, first: Side, centre: Vec, degrees: number, footSeconds: number): MoveResult {
  const place = (foot: FootAt): FootAt => ({ ...turnedAbout(foot, centre, -degrees), toe: foot.toe - degrees });
  const feet: Feet = { left: place(before.feet.left), right: place(before.feet.right) };
  const step = (foot: Side, start: number): FootAction => ({
    foot,
    kind: 'step',
    start,
    end: start + footSeconds,
    from: before.feet[foot],
    to: feet[foot],
    contact: true,
  });
  const seconds = 2 * footSeconds;
  return {
    seconds,
    actions: [step(first, 0), step(otherSide(first), footSeconds)],
    after: { ...before, feet, heading: before.heading - degrees },
    landing: seconds,
    units: ['step', 'turn'],
    means: [],
    moving: true,
  };
}

/** Degrees of an orbit whose straight-line move is `metres` at the present distance: 2 r sin(δ/2) = metres. */
export function orbitDegrees(before: Posture, centre: Vec, metres: number): number {
  const r = distance(originOf(before.feet), centre);
  return (2 * Math.asin(Math.min(1, metres / (2 * r))) * 180) / Math.PI;
}

/** The straight-line move of an orbit by so many degrees at the present distance. */
export const orbitMetres = (before: Posture, centre: Vec, degrees: number): number =>
  2 * distance(originOf(before.feet), centre) * Math.sin((degrees * Math.PI) / 360);

/** Turns that are tried until the body looks at the point; each comes nearer by the share of the stance in the distance. */
const TRIES = 40;

/**
 * Degrees of a turn on the ball of a foot after which the body looks at a point: its middle goes round that foot as it turns. Where the
 * point lies between the feet nobody can; then as it is seen before.
 */
export function turnTo(before: Posture, on: Side, point: Vec): number {
  let degrees = bearingTo(before, point);
  for (let i = 0; i < TRIES; i++) {
    const { after } = pivot(before, on, degrees, 0);
    const off = bearingTo(after, point);
    if (Math.abs(off) < 1e-9) break;
    degrees += off;
  }
  return normalised(degrees);
}

/**
 * A drop step: the foot of the side turned to goes back at 45° behind that side by `metres`, the hips open by `degrees` and
 * the other foot turns in place.
 */
export function dropStep(before: Posture, metres: number, degrees: number, seconds: number): MoveResult {
  const foot: Side = degrees < 0 ? 'left' : 'right';
  const other = otherSide(foot);
  const bearing = degrees < 0 ? -135 : 135;
  const from = before.feet[foot];
  const to: FootAt = { ...add(from, scale(wayOf(before.heading + bearing), metres)), toe: from.toe + degrees };
  const standing: FootAt = { ...before.feet[other], toe: before.feet[other].toe + degrees };
  return {
    seconds,
    actions: [
      { foot, kind: 'step', start: 0, end: seconds, from, to, contact: true },
      { foot: other, kind: 'turn', start: 0, end: seconds, from: before.feet[other], to: standing, contact: false },
    ],
    after: { ...before, feet: feetWith(foot, to, standing), heading: before.heading + degrees },
    landing: seconds,
    units: ['step'],
    means: ['wide', 'pass'],
    moving: true,
  };
}
