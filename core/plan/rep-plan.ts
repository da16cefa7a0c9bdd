import { originOf } from '../body/stance.js';
import type { Simulation } from '../motion/simulation.js';
import { totalsOf, type Totals } from '../motion/totals.js';
import type { FaultUnit } from '../catalogue/fault.js';
import { DIRECTIONS, type Direction } from './direction.js';
import { ms } from './ms.js';
import type { RepPlan } from './run-plan.js';

/** Whoever goes no further than this (metres) stays in place (the product's own rule: a little step). */
const IN_PLACE = 0.15;

/** Where a simulated line leads: the direction in which its origin gets furthest from its start, in eighths of a turn as the floor lies. */
export function directionOf(sim: Pick<Simulation, 'start' | 'moves'>): Direction {
  const start = originOf(sim.start.feet);
  const ways = sim.moves.map(({ after }) => {
    const { x, y } = originOf(after.feet);
    return { right: x - start.x, ahead: y - start.y, far: Math.hypot(x - start.x, y - start.y) };
  });
  const furthest = ways.reduce((far, one) => (one.far > far.far + 1e-9 ? one : far), { right: 0, ahead: 0, far: 0 });
  if (furthest.far < IN_PLACE) return 'place';
  const eighth = Math.round(Math.atan2(furthest.right, furthest.ahead) / (Math.PI / 4));
  return DIRECTIONS[1 + ((eighth + 8) % 8)] as Direction;
}

/** What of a line weighs on legs: landings after jumps and hops (gallops and low splits are none of them), and lunges. */
function loadOf({ landings: { jump, hop }, lunges: { left, right } }: Totals): NonNullable<RepPlan['load']> {
  return { landings: jump + hop, lunges: left + right };
}

/** The repetition of a simulated pattern; null when it takes no time. */
export function repPlanOf(sim: Simulation): RepPlan | null {
  const chances: Partial<Record<FaultUnit, number[]>> = { repetition: [0] };
  for (const move of sim.moves) for (const unit of move.units) (chances[unit] ??= []).push(ms(move.start));
  // A repetition of less than a millisecond is none.
  return ms(sim.seconds) > 0 ? { seconds: ms(sim.seconds), chances, direction: directionOf(sim), load: loadOf(totalsOf(sim)) } : null;
}
