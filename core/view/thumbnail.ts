import { type FootAt, outlineOf, type Side, SIDES } from '../body/foot.js';
import { boxOf, type Box } from '../body/polygon.js';
import { originOf } from '../body/stance.js';
import { distance, type Vec } from '../body/vec.js';
import type { Simulation } from '../motion/simulation.js';

/** A small picture of a pattern: where feet stand and where the athlete goes. Metres. */
export interface Thumbnail {
  readonly prints: readonly { readonly foot: Side; readonly outline: readonly Vec[]; readonly start: boolean }[];
  readonly path: readonly Vec[];
  readonly box: Box;
}

/** More prints than these are not told apart in a small picture. */
const MOST_PRINTS = 60;

export function thumbnailOf(sim: Simulation, margin = 0.25): Thumbnail {
  const { body } = sim.performer;
  const stood: { foot: Side; at: FootAt; start: boolean }[] = SIDES.map((foot) => ({
    foot,
    at: sim.start.feet[foot],
    start: true,
  }));
  const path: Vec[] = [originOf(sim.start.feet)];
  for (const move of sim.moves) {
    path.push(originOf(move.after.feet));
    for (const action of move.actions) {
      if (stood.length >= MOST_PRINTS) break;
      if (!stood.some((one) => one.foot === action.foot && distance(one.at, action.to) < 0.03 && Math.abs(one.at.toe - action.to.toe) < 6))
        stood.push({ foot: action.foot, at: action.to, start: false });
    }
  }
  const prints = stood.map(({ foot, at, start }) => ({ foot, start, outline: outlineOf(at, body) }));
  const box = boxOf([...prints.flatMap((print) => print.outline), ...path]) ?? { minX: 0, maxX: 0, minY: 0, maxY: 0 };
  return { prints, path, box: { minX: box.minX - margin, maxX: box.maxX + margin, minY: box.minY - margin, maxY: box.maxY + margin } };
}
