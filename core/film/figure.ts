import { outlineOf, SIDES, type Side } from '../body/foot.js';
import { midway, wayOf, type Vec } from '../body/vec.js';
import type { FootAction } from '../motion/action.js';
import { feetAt } from '../motion/motion.js';
import type { Simulation } from '../motion/simulation.js';
import { riseOf } from '../motion/sizes.js';
import type { Spot } from './camera.js';

/** A limb from one spot to another, and how thick it is; metres. */
export interface Limb {
  readonly part: 'thigh' | 'shank' | 'trunk' | 'arm' | 'head' | 'racket';
  readonly from: Spot;
  readonly to: Spot;
  readonly thick: number;
}

/** A foot as it lies in the hall: its outline, so high above the floor; 0 where it touches. Metres. */
interface Shoe {
  readonly foot: Side;
  readonly outline: readonly Vec[];
  readonly up: number;
}

/** A figure that does what a simulation says, at a moment, for a camera to see. */
export interface Figure {
  readonly shoes: readonly Shoe[];
  readonly limbs: readonly Limb[];
}

/** How high a foot is lifted in a step, metres (common practice, no source). */
const LIFT = 0.07;
/** Shares of height: hips a little bent, shoulders, the middle of the head (Drillis & Contini 1966, knees bent by us). */
const UP = { hip: 0.47, shoulder: 0.76, head: 0.87 } as const;
/** How thick limbs are drawn, shares of height (our own). */
const THICK = { thigh: 0.075, shank: 0.05, trunk: 0.15, arm: 0.045, head: 0.13, racket: 0.02 } as const;

/** How high a foot is at a moment of its way, metres: a parabola from the floor to the floor. */
function heightOf({ start, end, airborneUntil }: FootAction, lifts: boolean, t: number): number {
  const until = airborneUntil ?? end;
  if (t <= start || t >= until) return 0;
  const share = (t - start) / (until - start);
  const most = airborneUntil === undefined ? (lifts ? LIFT : 0) : Math.max(LIFT, riseOf(until - start));
  return 4 * most * share * (1 - share);
}

const footUp = (sim: Simulation, foot: Side, t: number): number =>
  sim.actions.reduce((most, action) => (action.foot === foot ? Math.max(most, heightOf(action, action.kind === 'step', t)) : most), 0);

/**
 * What a figure looks like at a moment of its pattern: its feet are the engine's own, put down at the millisecond and place that the
 * engine says; the rest of the body only goes with them.
 * @param t seconds from the pattern's start.
 */
export function figureAt(sim: Simulation, t: number): Figure {
  const { body, playing } = sim.performer;
  const feet = feetAt(sim, t);
  const up = { left: footUp(sim, 'left', t), right: footUp(sim, 'right', t) };
  const rise = Math.min(up.left, up.right);
  const tall = body.height.metres;
  const [middle, right, ahead] = [midway(feet.left, feet.right), wayOf(feet.heading + 90), wayOf(feet.heading)];
  // Whoever stands wider stands lower.
  const apart = Math.hypot(feet.left.x - feet.right.x, feet.left.y - feet.right.y);
  const low = rise - Math.max(0, apart - 0.4) * 0.18;
  const spot = (sideways: number, forward: number, share: number): Spot => [
    middle.x + right.x * sideways + ahead.x * forward,
    middle.y + right.y * sideways + ahead.y * forward,
    share * tall + low,
  ];
  const of = (side: Side): number => (side === 'left' ? -1 : 1);
  const limb = (part: Limb['part'], from: Spot, to: Spot): Limb => ({ part, from, to, thick: THICK[part] * tall });
  const legs = SIDES.flatMap((side) => {
    const [hip, ankle]: [Spot, Spot] = [
      spot((of(side) * body.hip.metres) / 2, 0, UP.hip),
      [feet[side].x, feet[side].y, up[side] + 0.08 * tall * 0.5],
    ];
    const knee: Spot = [
      (hip[0] + ankle[0]) / 2 + ahead.x * 0.05 * tall,
      (hip[1] + ankle[1]) / 2 + ahead.y * 0.05 * tall,
      (hip[2] + ankle[2]) / 2,
    ];
    return [limb('thigh', hip, knee), limb('shank', knee, ankle)];
  });
  const arms = SIDES.flatMap((side) => {
    const shoulder = spot((of(side) * body.shoulder.metres) / 2, 0.06, UP.shoulder);
    const hand = spot(of(side) * body.shoulder.metres * 0.7, 0.26 * tall, UP.hip + 0.1);
    const racket = sim.performer.holds && side === playing ? [limb('racket', hand, [hand[0], hand[1], hand[2] + sim.performer.holds])] : [];
    return [limb('arm', shoulder, hand), ...racket];
  });
  return {
    shoes: SIDES.map((foot) => ({ foot, outline: outlineOf(feet[foot], body), up: up[foot] })),
    limbs: [
      ...legs,
      limb('trunk', spot(0, 0, UP.hip), spot(0, 0.06, UP.shoulder)),
      ...arms,
      limb('head', spot(0, 0.09, UP.head), spot(0, 0.09, UP.head + 0.02)),
    ],
  };
}
