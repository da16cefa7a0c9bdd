import type { Side } from '../body/foot.js';
import { originOf } from '../body/stance.js';
import { distance, normalised, sub, type Vec } from '../body/vec.js';
import type { Simulation } from '../motion/simulation.js';

/** Closed: each mark within 5 cm, heading within 5°, the same lead (common practice, no source). */
export const CLOSED = { metres: 0.05, degrees: 5 } as const;

/** Where a repetition leaves the athlete, in the start frame. Metres and degrees. */
export interface Drift {
  readonly right: number;
  readonly ahead: number;
  readonly apart: number;
  /** Accumulated, and the same in (−180, 180]. */
  readonly turned: number;
  readonly heading: number;
  readonly leadBefore: Side | null;
  readonly leadAfter: Side | null;
  /** The further of the two marks from its start. */
  readonly furthestMark: number;
  readonly closed: boolean;
}

export function driftOf(sim: Simulation): Drift {
  const by: Vec = sub(originOf(sim.end.feet), originOf(sim.start.feet));
  const turned = sim.end.heading - sim.start.heading;
  const furthestMark = Math.max(distance(sim.start.feet.left, sim.end.feet.left), distance(sim.start.feet.right, sim.end.feet.right));
  const heading = normalised(turned);
  return {
    right: by.x,
    ahead: by.y,
    apart: Math.hypot(by.x, by.y),
    turned,
    heading,
    leadBefore: sim.start.lead,
    leadAfter: sim.end.lead,
    furthestMark,
    closed: furthestMark <= CLOSED.metres + 1e-9 && Math.abs(heading) <= CLOSED.degrees + 1e-9 && sim.start.lead === sim.end.lead,
  };
}
