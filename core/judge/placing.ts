import { outlineOf, SIDES } from '../body/foot.js';
import { add, turned, type Vec } from '../body/vec.js';
import type { Simulation } from '../motion/simulation.js';
import { riseOf } from '../motion/sizes.js';
import { outsideBy, type Placing } from './area.js';

/** Room that is kept above the head in a jump, metres (common practice, no source). */
const HEAD_ROOM = 0.2;

/** A point of the pattern's start frame on the area. */
export const onArea = ({ at, facing }: Placing, p: Vec): Vec => add(at, turned(p, facing));

/** A point of the area in the pattern's start frame. */
export const inPattern = ({ at, facing }: Placing, p: Vec): Vec => turned({ x: p.x - at.x, y: p.y - at.y }, -facing);

/** A foot that stands outside the area. */
export interface Outside {
  readonly move: number;
  readonly foot: 'left' | 'right';
  readonly at: number;
  readonly by: number;
}

/** Every landing outside the area, in time order, by how much, metres; the start (move −1) too. */
export function outsideOf(sim: Simulation, placing: Placing): Outside[] {
  const { body } = sim.performer;
  const off = (foot: Parameters<typeof outlineOf>[0]): number =>
    Math.max(...outlineOf(foot, body).map((p) => outsideBy(placing.area, onArea(placing, p))));
  const found: Outside[] = [];
  for (const foot of SIDES) {
    const by = off(sim.start.feet[foot]);
    if (by > 1e-9) found.push({ move: -1, foot, at: 0, by });
  }
  for (const action of sim.actions) {
    const by = action.kind === 'turn' ? 0 : off(action.to);
    if (by > 1e-9) found.push({ move: action.move, foot: action.foot, at: action.end, by });
  }
  return found.sort((a, b) => a.at - b.at);
}

/** By how much a jump's head comes too near to the ceiling, metres, and at which move; null where none does. */
export function ceilingOf(sim: Simulation, placing: Placing): { readonly move: number; readonly by: number } | null {
  const { height } = placing.area;
  if (height === null) return null;
  let worst: { move: number; by: number } | null = null;
  for (const move of sim.moves) {
    const flight = Math.max(0, ...move.actions.map((action) => (action.airborneUntil ?? action.start) - action.start));
    const by = sim.performer.body.height.metres + riseOf(flight) + HEAD_ROOM - height;
    if (flight > 0 && by > (worst?.by ?? 0)) worst = { move: move.index, by };
  }
  return worst;
}
