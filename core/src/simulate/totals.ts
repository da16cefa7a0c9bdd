import { outlineOf, type Side } from '../body/foot.js';
import { boxOf } from '../geometry/polygon.js';
import { distance } from '../geometry/vec.js';
import type { ChanceUnit } from '../moves/action.js';
import { originOf } from '../stance/stance.js';
import type { Simulation } from './simulation.js';

export type PerSide = Readonly<Record<Side, number>>;

/** What a pattern takes, once. Metres and seconds. */
export interface Totals {
  readonly seconds: number;
  readonly contacts: PerSide;
  readonly splits: number;
  readonly lunges: PerSide;
  readonly pivots: PerSide;
  readonly hands: Readonly<Record<string, number>>;
  readonly chances: Readonly<Record<ChanceUnit, number>>;
  /** Greatest distance between the marks at the end of any foot action. */
  readonly widest: number;
  /** Furthest the origin gets from its start on each axis, signed, right and ahead. */
  readonly reach: { readonly right: number; readonly ahead: number };
  /** Bounding rectangle of all outlines where feet stand: across and along the start heading. */
  readonly floor: { readonly across: number; readonly along: number };
}

export function totalsOf(sim: Simulation): Totals {
  const contacts = { left: 0, right: 0 };
  const lunges = { left: 0, right: 0 };
  const pivots = { left: 0, right: 0 };
  const hands: Record<string, number> = {};
  const chances: Record<ChanceUnit, number> = { step: 0, split: 0, turn: 0, arrival: 0, strike: 0, back: 0 };
  let widest = distance(sim.start.feet.left, sim.start.feet.right);
  const reach = { right: 0, ahead: 0 };
  const start = originOf(sim.start.feet);
  const prints = [sim.start.feet.left, sim.start.feet.right];

  for (const move of sim.moves) {
    for (const unit of move.units) chances[unit]++;
    const act = move.step.act;
    if (act.move === 'lunge' && move.actions[0]) lunges[move.actions[0].foot]++;
    if (act.move === 'pivot') pivots[act.turn < 0 ? 'left' : 'right']++;
    const feet = { ...move.before.feet };
    for (const action of move.actions) {
      if (action.contact) contacts[action.foot]++;
      feet[action.foot] = action.to;
      prints.push(action.to);
      widest = Math.max(widest, distance(feet.left, feet.right));
      const origin = originOf(feet);
      if (Math.abs(origin.x - start.x) > Math.abs(reach.right)) reach.right = origin.x - start.x;
      if (Math.abs(origin.y - start.y) > Math.abs(reach.ahead)) reach.ahead = origin.y - start.y;
    }
  }
  for (const hand of sim.hands) hands[hand.word] = (hands[hand.word] ?? 0) + 1;
  const box = boxOf(prints.flatMap((print) => outlineOf(print, sim.performer.body)));
  return {
    seconds: sim.seconds,
    contacts,
    splits: chances.split,
    lunges,
    pivots,
    hands,
    chances,
    widest,
    reach,
    floor: { across: box ? box.maxX - box.minX : 0, along: box ? box.maxY - box.minY : 0 },
  };
}
