import type { FootAt, Side } from '../body/foot.js';
import { mix, turnedAbout } from '../body/vec.js';
import type { FootAction } from './action.js';
import type { Simulation, SimMove } from './simulation.js';

/**
 * Share of the way done at share `tau` of the time: minimum jerk, 10τ³ − 15τ⁴ + 6τ⁵
 * (Flash & Hogan 1985; found on hands, used here for drawing feet).
 * @example [minimumJerk(0), minimumJerk(0.5), minimumJerk(1)] // [0, 0.5, 1]
 */
export function minimumJerk(tau: number): number {
  const t = Math.max(0, Math.min(1, tau));
  return t * t * t * (10 - 15 * t + 6 * t * t);
}

/** One foot at a moment. */
interface FootNow extends FootAt {
  readonly inAir: boolean;
  readonly moving: boolean;
}

export interface FeetNow {
  readonly left: FootNow;
  readonly right: FootNow;
  readonly heading: number;
  /** Index of the move under way, or of the last one at the end; −1 in a pattern without moves. */
  readonly move: number;
}

/** Where an action's foot is at time t (seconds of the pattern). */
function alongAction({ start, end, from, to, about, bow }: FootAction, t: number, inAir: boolean): FootNow {
  const share = minimumJerk((t - start) / (end - start));
  const toe = mix(from.toe, to.toe, share);
  if (about) {
    const { x, y } = turnedAbout(from, about, (to.toe - from.toe) * share);
    return { x, y, toe, inAir, moving: true };
  }
  const out = 4 * share * (1 - share);
  const [x, y] = [mix(from.x, to.x, share) + (bow?.x ?? 0) * out, mix(from.y, to.y, share) + (bow?.y ?? 0) * out];
  return { x, y, toe, inAir, moving: true };
}

/** Index of the move under way at t: the last one that has begun. */
function moveAt(sim: Simulation, t: number): number {
  let low = 0;
  let high = sim.moves.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((sim.moves[middle]?.start ?? 0) <= t) low = middle;
    else high = middle - 1;
  }
  return sim.moves.length === 0 ? -1 : low;
}

/** Both feet and the facing line at time t, in seconds from the start; before it the start, after it the end. */
export function feetAt(sim: Simulation, t: number): FeetNow {
  const move = sim.moves[moveAt(sim, t)];
  if (!move) return { left: still(sim.start.feet.left), right: still(sim.start.feet.right), heading: 0, move: -1 };
  return feetDuring(move, t);
}

/** The same while one of the moves is under way; before it as it began, after it as it ended. */
export function feetDuring(move: SimMove, t: number): FeetNow {
  let turned = move.start;
  for (const { end } of move.actions) turned = Math.max(turned, end);
  // The body has turned when the feet have landed.
  const share = turned > move.start ? minimumJerk((t - move.start) / (turned - move.start)) : 1;
  return {
    left: footDuring(move, 'left', t),
    right: footDuring(move, 'right', t),
    heading: mix(move.before.heading, move.after.heading, share),
    move: move.index,
  };
}

/** Times nearer to each other than this are one, seconds: between two actions both feet stand, however the numbers were rounded. */
const INSTANT = 1e-9;

function footDuring(move: SimMove, side: Side, t: number): FootNow {
  let now: FootAt = move.before.feet[side];
  for (const action of move.actions) {
    if (action.foot !== side || t <= action.start + INSTANT) continue;
    if (t < action.end - INSTANT) return alongAction(action, t, action.kind === 'step' || (action.airborneUntil ?? 0) > t);
    now = action.to;
  }
  return still(now);
}

const still = ({ x, y, toe }: FootAt): FootNow => ({ x, y, toe, inAir: false, moving: false });
