import type { FootAt, Side } from '../body/foot.js';
import { mix, turnedAbout } from '../body/vec.js';
import type { FootAction } from './action.js';
import type { Simulation } from './simulation.js';

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
function alongAction(action: FootAction, t: number): FootAt {
  const share = minimumJerk((t - action.start) / (action.end - action.start));
  const toe = mix(action.from.toe, action.to.toe, share);
  if (action.about) return { ...turnedAbout(action.from, action.about, (action.to.toe - action.from.toe) * share), toe };
  const bow = 4 * share * (1 - share);
  const out = action.bow ?? { x: 0, y: 0 };
  return { x: mix(action.from.x, action.to.x, share) + out.x * bow, y: mix(action.from.y, action.to.y, share) + out.y * bow, toe };
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
  const index = moveAt(sim, t);
  const move = sim.moves[index];
  if (!move) return { left: still(sim.start.feet.left), right: still(sim.start.feet.right), heading: 0, move: -1 };
  const foot = (side: Side): FootNow => {
    let now: FootAt = move.before.feet[side];
    for (const action of move.actions) {
      if (action.foot !== side || t <= action.start) continue;
      if (t >= action.end) now = action.to;
      else {
        const inAir = action.kind === 'step' || (action.airborneUntil ?? 0) > t;
        return { ...alongAction(action, t), inAir, moving: true };
      }
    }
    return still(now);
  };
  // The body has turned when the feet have landed.
  const turned = move.actions.reduce((end, action) => Math.max(end, action.end), move.start);
  const share = turned > move.start ? minimumJerk((t - move.start) / (turned - move.start)) : 1;
  return { left: foot('left'), right: foot('right'), heading: mix(move.before.heading, move.after.heading, share), move: index };
}

const still = (foot: FootAt): FootNow => ({ ...foot, inAir: false, moving: false });
