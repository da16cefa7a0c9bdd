import type { Body } from '../body/body.js';
import { otherSide, type Side } from '../body/foot.js';
import { originOf, type Posture } from '../body/stance.js';
import { add, distance, normalised, scale, sub, type Vec } from '../body/vec.js';
import type { Act } from '../language/ast.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { footOf, nearFoot } from './foot-choice.js';
import { bearingTo } from './bearing-to.js';
import type { PlacedThing } from './simulation.js';
import { metresOf } from './sizes.js';
import { ACROSS, HALF_ROOM, whereIs } from './things.js';
import { turnTo } from './turning.js';

/** Moves of one foot whose mark arrives at the aim; all others bring the origin there. */
const FAR_FOOT: readonly MoveWord[] = ['run', 'crossover', 'cross behind'];
const LEADING_FOOT: readonly MoveWord[] = ['lunge', 'reaching step', 'step in', 'pass'];

/** Beyond its mark a foot that stops before a thing needs room for its toes, in foot lengths. */
const TOE_ROOM = 0.28;

/** What an act aims at: a point, and how far before it one stops. */
export interface Target {
  readonly point: Vec;
  readonly stop: number;
  /** Whether it goes across the floor, as a net does. */
  readonly across?: boolean;
}

/** The target of a thing at time t; without a distance said, feet stop where the thing's room begins. */
export function targetOf(thing: PlacedThing, t: number, act: Act, body: Body): Target {
  const room = HALF_ROOM[thing.thing];
  const usual = room === 0 ? 0 : room + TOE_ROOM * body.foot.metres;
  const across = ACROSS.includes(thing.thing);
  return { point: whereIs(thing, t), across, stop: act.short === null ? usual : metresOf(act.short, body, 'even') };
}

/**
 * The act with its direction, and its size or angle, from where it aims. Of several steps to one aim each goes an equal
 * share of what is left.
 */
export function aimed(act: Act, target: Target, before: Posture, playing: Side, left: number, engine: number): Act {
  const { way, size } = ruleOf(act.word);
  const origin = originOf(before.feet);
  if (way === 'turn') return act.word === 'orbit' ? act : { ...act, turn: facing(act, target, before, playing, engine) };
  if (way !== 'bearing' || size === 'none') return act;
  const straight = bearingTo(before, target.point);
  const foot = movingFoot(act, before, straight, playing);
  if (foot === null) {
    const metres = Math.max(0, distance(origin, target.point) - target.stop) / left;
    return fitted(act, metres, straight);
  }
  // The last step ends at the aim; one before it goes a share of the way from the foot that is nearer to it.
  const { left: l, right: r } = before.feet;
  const ahead = distance(l, target.point) <= distance(r, target.point) ? l : r;
  const from = left === 1 ? before.feet[foot] : ahead;
  const far = distance(from, target.point);
  const landing = add(from, scale(sub(target.point, from), (far === 0 ? 0 : Math.max(0, far - target.stop) / far) / left));
  const go = sub(landing, before.feet[foot]);
  const heading = (Math.atan2(go.x, go.y) * 180) / Math.PI;
  return fitted(act, Math.hypot(go.x, go.y), normalised(heading - before.heading));
}

/** Moves that turn on one foot and nothing else, so that the middle of the body goes round it. */
const ON_A_FOOT: readonly MoveWord[] = ['face', 'pivot', 'quarter', 'slip-side quarter'];

/** Degrees that the body turns to look at a target: square to what goes across the floor. */
function facing(act: Act, { point, across }: Target, before: Posture, playing: Side, engine: number): number {
  const seen = bearingTo(before, point);
  if (engine < 2) return seen;
  if (across) return normalised((point.y >= originOf(before.feet).y ? 0 : 180) - before.heading);
  return ON_A_FOOT.includes(act.word) ? turnTo(before, footOf(act.foot ?? 'lead', before, seen, playing), point) : seen;
}

/** A move that only goes ahead or back keeps its direction. */
function fitted(act: Act, metres: number, bearing: number): Act {
  const size = { value: Math.max(metres, 0.001), unit: 'm' as const };
  return ruleOf(act.word).fixed ? { ...act, size } : { ...act, size, bearing };
}

function movingFoot(act: Act, before: Posture, bearing: number, playing: Side): Side | null {
  if (FAR_FOOT.includes(act.word))
    return act.foot === null ? otherSide(nearFoot(before, bearing, playing)) : footOf(act.foot, before, bearing, playing);
  if (!LEADING_FOOT.includes(act.word)) return null;
  if (act.foot !== null) return footOf(act.foot, before, bearing, playing);
  const leading = before.lead ?? playing;
  return act.word === 'pass' ? otherSide(leading) : leading;
}
