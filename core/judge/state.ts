import { outlineOf, type FootAt } from '../body/foot.js';
import { overlap } from '../body/polygon.js';
import { sizeOf, STANCE_TOLERANCE, type StanceTarget } from '../body/stance.js';
import { distance } from '../body/vec.js';
import { feetDuring, type FeetNow } from '../motion/motion.js';
import type { Simulation, SimMove } from '../motion/simulation.js';
import { onceForAlike } from './alike.js';

/** What an athlete could do if frozen now; the first that holds. */
export const STATES = ['airborne', 'crossed', 'narrow', 'wide', 'stepping', 'ready'] as const;
export type State = (typeof STATES)[number];

/** A state that holds from one moment to another, seconds. */
export interface StateSpan {
  readonly state: State;
  readonly from: number;
  readonly to: number;
}

/** Above this share of weight on one foot nobody is ready; above 65 % an unweighting comes first (common practice, no source). */
const READY_LOAD = 0.8;
export const FREE_LOAD = 0.65;
export const UNWEIGHTING_SECONDS = 0.1;

/** The left mark is right of the right mark by more than max(2 cm, tolerance), or the outlines of two standing feet overlap. */
export function crossedBy(feet: { left: FootAt; right: FootAt }, heading: number, tolerance: number): number {
  return -sizeOf(feet, heading).width - Math.max(0.02, tolerance);
}

/** By how much the base is narrower than the school's width allows, metres; negative when it is not. Not asked where the school stands on a line. */
export function narrowBy(feet: { left: FootAt; right: FootAt }, heading: number, target: StanceTarget, tolerance: number): number {
  if (target.school.onLine) return -1;
  return target.width - tolerance - sizeOf(feet, heading).width;
}

/** By how much the base is shorter than a staggered school allows, metres; negative when it is not. */
export function shortBy(feet: { left: FootAt; right: FootAt }, heading: number, target: StanceTarget): number {
  if (!target.school.staggered) return -1;
  return target.length - target.tolerance - Math.abs(sizeOf(feet, heading).leftAhead);
}

/** By how much the base is wider or longer than the school allows, metres; negative when it is not. */
export function wideBy(feet: { left: FootAt; right: FootAt }, heading: number, target: StanceTarget): number {
  const size = sizeOf(feet, heading);
  return Math.max(size.width - target.width, Math.abs(size.leftAhead) - target.length) - target.tolerance;
}

export function touching(feet: { left: FootAt; right: FootAt }, sim: Simulation): boolean {
  const { body } = sim.performer;
  const reach = 2 * body.foot.metres;
  return distance(feet.left, feet.right) < reach && overlap(outlineOf(feet.left, body), outlineOf(feet.right, body));
}

const STILL = 1e-6;

/** State at a moment inside a move; `between` when both feet stand and no move is under way. */
function stateOf(sim: Simulation, now: FeetNow, between: boolean, leftShare: number): State {
  const tolerance = sim.target.tolerance * (between ? 1 : STANCE_TOLERANCE.movingFactor);
  if (now.left.inAir && now.right.inAir) return 'airborne';
  if (crossedBy(now, now.heading, tolerance) > STILL || (!now.left.inAir && !now.right.inAir && touching(now, sim))) return 'crossed';
  if (narrowBy(now, now.heading, sim.target, tolerance) > STILL) return 'narrow';
  if (between && shortBy(now, now.heading, sim.target) > STILL) return 'narrow';
  if (between && wideBy(now, now.heading, sim.target) > STILL) return 'wide';
  if (!between || Math.max(leftShare, 1 - leftShare) > READY_LOAD) return 'stepping';
  return 'ready';
}

/** State at the instant between moves, at which move `index` begins (or the pattern ends). */
export function stateBetween(sim: Simulation, index: number): State {
  const posture = sim.moves[index]?.before ?? sim.end;
  const standing = { inAir: false, moving: false };
  const now: FeetNow = {
    left: { ...posture.feet.left, ...standing },
    right: { ...posture.feet.right, ...standing },
    heading: posture.heading,
    move: index,
  };
  return stateOf(sim, now, true, posture.leftShare);
}

/** A step takes well under a second; one that takes a minute is looked at no closer than this for all of it. */
const SAMPLE_SECONDS = 0.01;
const MOST_SAMPLES = 400;
const BISECTIONS = 8;

/** States over the whole pattern, without gaps; boundaries inside a move are found to better than 0.1 ms. */
export function statesOf(sim: Simulation): StateSpan[] {
  const spans: StateSpan[] = [];
  const push = (state: State, from: number, to: number): void => {
    const last = spans.at(-1);
    if (to - from < 1e-9) return;
    if (last?.state === state) spans[spans.length - 1] = { ...last, to };
    else spans.push({ state, from, to });
  };
  const during = onceForAlike((move) => statesDuring(sim, move));
  for (const move of sim.moves) for (const { state, from, to } of during(move)) push(state, move.start + from, move.start + to);
  return spans;
}

/** States while one move is under way, seconds since its start. */
function statesDuring(sim: Simulation, move: SimMove): StateSpan[] {
  const spans: StateSpan[] = [];
  const push = (state: State, from: number, to: number): void => void spans.push({ state, from: from - move.start, to: to - move.start });
  const at = (t: number): State => stateOf(sim, feetDuring(move, t), !move.moving, move.before.leftShare);
  const breaks = new Set([move.start, move.end]);
  for (const action of move.actions) for (const t of [action.start, action.end, action.airborneUntil]) if (t !== undefined) breaks.add(t);
  const edges = [...breaks].sort((a, b) => a - b);
  for (let i = 1; i < edges.length; i++) {
    const from = edges[i - 1] as number;
    const to = edges[i] as number;
    const still = move.actions.every((action) => action.end <= from || action.start >= to || action.kind === 'hop');
    const parts = still ? 1 : Math.min(MOST_SAMPLES, Math.max(2, Math.ceil((to - from) / SAMPLE_SECONDS - 1e-6)));
    let since = from;
    // Sampled strictly inside the stretch, so that an instant between two actions belongs to neither.
    let state = at(from + (to - from) / (2 * parts));
    for (let k = 1; k < parts; k++) {
      const t = from + ((to - from) * (k + 0.5)) / parts;
      const next = at(t);
      if (next === state) continue;
      const edge = boundary(at, state, t - (to - from) / parts, t);
      push(state, since, edge);
      since = edge;
      state = next;
    }
    push(state, since, to);
  }
  return spans;
}

function boundary(at: (t: number) => State, before: State, from: number, to: number): number {
  let low = from;
  let high = to;
  for (let i = 0; i < BISECTIONS; i++) {
    const middle = (low + high) / 2;
    if (at(middle) === before) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Shares of the pattern's time in each state, and of stop-safe time (stepping or ready). */
export interface StateShares extends Readonly<Record<State, number>> {
  readonly stopSafe: number;
}

export function sharesOf(spans: readonly StateSpan[]): StateShares {
  const sum = { airborne: 0, crossed: 0, narrow: 0, wide: 0, stepping: 0, ready: 0 };
  for (const span of spans) sum[span.state] += span.to - span.from;
  const all = Object.values(sum).reduce((a, b) => a + b, 0) || 1;
  const share = (state: State): number => sum[state] / all;
  return {
    airborne: share('airborne'),
    crossed: share('crossed'),
    narrow: share('narrow'),
    wide: share('wide'),
    stepping: share('stepping'),
    ready: share('ready'),
    stopSafe: share('stepping') + share('ready'),
  };
}
