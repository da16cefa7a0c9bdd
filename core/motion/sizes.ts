import type { Body } from '../body/body.js';
import type { Size, SplitStyle, Tempo } from '../language/ast.js';
import { METRES_OF } from '../language/limits.js';

/** Usual sizes as shares of leg length (common practice, no source). */
export const OWN_STEP = { small: 0.15, even: 0.3, big: 0.5, lunge: 0.9 } as const;

/** Usual times in seconds at even tempo (common practice, no source). */
export const USUAL_TIME = {
  gatherFoot: 0.22,
  splitDrop: 0.15,
  splitPush: 0.2,
  pivotQuarter: 0.4,
  pivotLeast: 0.2,
  lunge: 0.5,
  recover: 0.55,
  chassé: 0.4,
  gallop: 0.36,
  pendulum: 0.4,
  halfStep: 0.4,
  pass: 0.35,
  switch: 0.3,
  jump: 0.55,
  squareFoot: 0.22,
  hand: 0.3,
  bounce: 0.3,
  heelRaise: 0.6,
  weightShift: 0.4,
  preloadHop: 0.25,
  smallSplit: 0.12,
  run: 0.28,
  cross: 0.35,
  dropStep: 0.35,
  turnOut: 0.6,
  orbitFoot: 0.22,
  stepIn: 0.35,
  pullBack: 0.4,
  guardJump: 0.3,
  sideJump: 0.6,
  singleStep: 0.3,
  feetMeet: 0.3,
  stamp: 0.25,
  oneFootHop: 0.5,
} as const;

/** Seconds in the air of each split; the dropped one stays on the floor. Flights keep their time whatever the tempo. */
export const SPLIT_FLIGHT: Readonly<Record<SplitStyle, number>> = { drop: 0, 'low hop': 0.15, 'high hop': 0.25, several: 0.15 };

/** Small hops before the one that counts, in a split of several. */
export const SMALL_SPLITS = 3;

/** Seconds in the air of a gallop, a preload hop, a jump into guard, and of jumps. */
export const FLIGHT = { gallop: 0.1, hop: 0.1, guard: 0.2, jump: 0.3 } as const;

/** Longest steps taken without remark, as shares of leg length (common practice, no source). */
export const STRIDE_RANGE = { gather: 1, lunge: 1.5 } as const;

/** Standard gravity as taught, m/s². */
export const GRAVITY = 9.81;

/** Rise in metres of a flight of `seconds`: h = g t² / 8. */
export const riseOf = (seconds: number): number => (GRAVITY * seconds * seconds) / 8;

/** Seconds in the air for a rise in metres: t = √(8 h / g). */
export const flightOf = (rise: number): number => Math.sqrt((8 * rise) / GRAVITY);

/** Metres of a written size on this body; without one, the move's usual size: a share of leg length, or as many metres as are said. */
export function metresOf(size: Size | null, body: Body, usual: keyof typeof OWN_STEP | number): number {
  const leg = body.leg.metres;
  const own = typeof usual === 'number' ? usual : OWN_STEP[usual] * leg;
  if (size === null) return own;
  switch (size.unit) {
    case 'own':
      return size.value * own;
    case 'shoe':
      return size.value * body.foot.metres;
    case 'small':
    case 'even':
    case 'big':
      return OWN_STEP[size.unit] * leg;
    default:
      return size.value * METRES_OF[size.unit];
  }
}

/**
 * How much longer a step of `metres` takes than one of the usual size: half of the time goes by itself, half by the way (common practice,
 * no source: nobody takes a giant step as quickly as a small one, or a small one in no time).
 * @example [growthOf(0.3, 0.3), growthOf(0.9, 0.3), growthOf(0, 0.3)] // [1, 2, 0.5]
 */
export const growthOf = (metres: number, usual: number): number => (usual > 0 ? 0.5 + (0.5 * metres) / usual : 1);

/** Seconds of a move whose usual time is `usual`, of which `flight` keeps its length whatever the tempo. */
export function secondsOf(usual: number, tempo: Tempo | null, flight = 0): number {
  if (tempo === null) return usual;
  if ('seconds' in tempo) return Math.max(tempo.seconds, flight + 0.05);
  return flight + (usual - flight) * tempo.factor;
}
