import { outlineOf, type Side } from '../body/foot.js';
import { surfaceOf, boxOf, hullOf } from '../body/polygon.js';
import { originOf } from '../body/stance.js';
import { distance } from '../body/vec.js';
import type { ChanceUnit, Landing } from './action.js';
import type { Simulation } from './simulation.js';
import { REACH_OF_HEIGHT } from './things.js';

export type PerSide = Readonly<Record<Side, number>>;

/** What a pattern takes, once. Metres and seconds. */
export interface Totals {
  readonly seconds: number;
  readonly contacts: PerSide;
  readonly splits: number;
  readonly lunges: PerSide;
  readonly pivots: PerSide;
  /** Landings after flight by what they come from; low splits apart from jumps. */
  readonly landings: Readonly<Record<Landing, number>>;
  readonly hands: Readonly<Record<string, number>>;
  /** Share of the moves with foot actions that carry a hand word. */
  readonly withHand: number;
  /** Way of the origin, metres. */
  readonly distance: number;
  readonly chances: Readonly<Record<ChanceUnit, number>>;
  /** Greatest distance between the marks at the end of any foot action. */
  readonly widest: number;
  /** Furthest the origin gets from its start on each axis, signed, right and ahead. */
  readonly reach: { readonly right: number; readonly ahead: number };
  /** Least and most of the origin's way on each axis, from its start. */
  readonly path: { readonly right: readonly [number, number]; readonly ahead: readonly [number, number] };
  /** Bounding rectangle of all outlines where feet stand: across and along the start heading. */
  readonly floor: Floor;
  /** The same with the reach of an arm and what it holds all round, and then with the margin that a free floor needs. */
  readonly floorWithReach: Floor;
  readonly floorWithMargin: Floor;
  /** Area of the convex hull of all outlines where feet stand, square metres: the floor that is really trodden. */
  readonly trodden: number;
}

interface Floor {
  readonly across: number;
  readonly along: number;
}

/** The usual free margin in metres (common practice, no source). */
const FREE_MARGIN = 0.5;

/** Landings nearer to each other than this are one, seconds: how numbers are rounded. */
const SAME_TIME = 1e-9;

function widen(range: [number, number], value: number): void {
  range[0] = Math.min(range[0], value);
  range[1] = Math.max(range[1], value);
}

const grown = ({ across, along }: Floor, by: number): Floor => ({ across: across + 2 * by, along: along + 2 * by });

export function totalsOf(sim: Simulation): Totals {
  const contacts = { left: 0, right: 0 };
  const lunges = { left: 0, right: 0 };
  const pivots = { left: 0, right: 0 };
  const hands = new Map<string, number>();
  const landings: Record<Landing, number> = { jump: 0, hop: 0, gallop: 0, split: 0 };
  let struck = 0;
  let stepped = 0;
  let distanceGone = 0;
  const chances: Record<ChanceUnit, number> = { step: 0, split: 0, turn: 0, arrival: 0, strike: 0, back: 0 };
  let widest = distance(sim.start.feet.left, sim.start.feet.right);
  const reach = { right: 0, ahead: 0 };
  const right: [number, number] = [0, 0];
  const ahead: [number, number] = [0, 0];
  const start = originOf(sim.start.feet);
  const prints = [sim.start.feet.left, sim.start.feet.right];

  for (const move of sim.moves) {
    for (const unit of move.units) chances[unit]++;
    const { tally } = move;
    if (tally.lunge) lunges[tally.lunge]++;
    if (tally.pivot) pivots[tally.pivot]++;
    if (tally.landing) landings[tally.landing] += tally.landings ?? 1;
    if (move.units.includes('strike') && move.actions.length > 0) struck++;
    if (move.actions.length > 0) stepped++;
    const feet = { ...move.before.feet };
    let last = originOf(feet);
    for (const [i, action] of move.actions.entries()) {
      if (action.contact) contacts[action.foot]++;
      feet[action.foot] = action.to;
      prints.push(action.to);
      // Feet that land together stand nowhere between.
      if (Math.abs((move.actions[i + 1]?.end ?? Infinity) - action.end) < SAME_TIME) continue;
      widest = Math.max(widest, distance(feet.left, feet.right));
      const origin = originOf(feet);
      distanceGone += distance(last, origin);
      last = origin;
      widen(right, origin.x - start.x);
      widen(ahead, origin.y - start.y);
      if (Math.abs(origin.x - start.x) > Math.abs(reach.right)) reach.right = origin.x - start.x;
      if (Math.abs(origin.y - start.y) > Math.abs(reach.ahead)) reach.ahead = origin.y - start.y;
    }
  }
  for (const { word } of sim.hands) hands.set(word, (hands.get(word) ?? 0) + 1);
  // Where feet stand again and again, once.
  const stood = new Map(prints.map((print) => [`${print.x} ${print.y} ${print.toe}`, print]));
  const outlines = [...stood.values()].flatMap((print) => outlineOf(print, sim.performer.body));
  const box = boxOf(outlines);
  const floor = { across: box ? box.maxX - box.minX : 0, along: box ? box.maxY - box.minY : 0 };
  const reachOut = REACH_OF_HEIGHT * sim.performer.body.height.metres + (sim.performer.holds ?? 0);
  return {
    seconds: sim.seconds,
    contacts,
    splits: chances.split,
    lunges,
    pivots,
    landings,
    hands: Object.fromEntries(hands),
    withHand: stepped === 0 ? 0 : struck / stepped,
    distance: distanceGone,
    chances,
    widest,
    reach,
    path: { right, ahead },
    floor,
    floorWithReach: grown(floor, reachOut),
    floorWithMargin: grown(floor, reachOut + FREE_MARGIN),
    trodden: surfaceOf(hullOf(outlines)),
  };
}
