import { outlineOf } from '../../body/foot.js';
import { hullOf } from '../../body/polygon.js';
import type { Vec } from '../../body/vec.js';
import { driftOf } from '../../judge/drift.js';
import { stateBetween, statesOf, type StateSpan } from '../../judge/state.js';
import { readWith } from '../../judge/study.js';
import type { NotationMessage } from '../../language/messages.js';
import type { OwnMove } from '../../language/own-moves.js';
import { simulate, type SimulateOptions } from '../../motion/simulate.js';
import type { Performer, Simulation } from '../../motion/simulation.js';
import { totalsOf, type Totals } from '../../motion/totals.js';
import { ms } from '../ms.js';
import type { Alternative } from './calls.js';
import type { Hindrance } from './messages.js';

/** An alternative as this athlete does it: how long it takes, where it leaves them, which floor it treads. Metres, degrees, seconds. */
export interface Callable {
  readonly alternative: Alternative;
  readonly seconds: number;
  readonly by: Vec;
  readonly turned: number;
  /** Corners of everything trodden, in the frame of the stance at its start. */
  readonly trodden: readonly Vec[];
  readonly simulation: Simulation | null;
  /** What one of it takes; null where nothing is done. */
  readonly totals: Totals | null;
  readonly states: readonly StateSpan[];
  /** Why it cannot be called again and again, if so. */
  readonly hindrance: Hindrance | null;
}

/** What is done of a line that is broken off after its first move: that move alone. */
function brokenOff(sim: Simulation): Simulation {
  const [first] = sim.moves;
  if (!first) return sim;
  const ofIt = ({ move }: { readonly move: number | null }): boolean => move === first.index;
  return {
    ...sim,
    end: first.after,
    moves: [first],
    actions: sim.actions.filter(ofIt),
    hands: sim.hands.filter(ofIt),
    events: sim.events.filter(ofIt),
    seconds: first.end,
  };
}

/** Simulates an alternative. A feint is what is done until it is broken off, its first move; it goes nowhere. */
export function callable(
  alternative: Alternative,
  performer: Performer,
  own: readonly OwnMove[] = [],
  options: Pick<SimulateOptions, 'places'> = {},
): Callable {
  const still = { alternative, seconds: 0, by: { x: 0, y: 0 }, turned: 0, trodden: [], simulation: null, totals: null, states: [] };
  if (alternative.kind === 'stay' || alternative.steps.trim() === '') {
    return { ...still, hindrance: alternative.kind === 'move' ? { code: 'no-steps', values: {} } : null };
  }
  const parsed = readWith(alternative.steps, own);
  const feint = alternative.kind === 'feint';
  const whole = simulate(parsed, performer, options);
  const sim = feint ? brokenOff(whole) : whole;
  const drift = driftOf(sim);
  const { body } = performer;
  const feet = [sim.start.feet.left, sim.start.feet.right, ...sim.actions.map((action) => action.to)];
  const trodden = hullOf(feet.flatMap((foot) => outlineOf(foot, body)));
  return {
    alternative,
    seconds: ms(sim.seconds),
    by: feint ? { x: 0, y: 0 } : { x: exact(drift.right), y: exact(drift.ahead) },
    turned: feint ? 0 : exact(drift.turned),
    trodden,
    simulation: sim,
    totals: totalsOf(sim),
    states: statesOf(sim),
    hindrance: hindranceOf(alternative, parsed.errors[0] ?? null, sim),
  };
}

/** What is nothing but rounding is nothing: it must not add up over thousands of calls. */
const exact = (n: number): number => (Math.abs(n) < 1e-9 ? 0 : n);

/** A call must leave the athlete in the stance in which the next one finds them (a repetition is then a rigid motion). */
function hindranceOf({ kind }: Alternative, error: NotationMessage | null, sim: Simulation): Hindrance | null {
  if (error !== null) return { code: 'unread', values: { error } };
  if (sim.moves.length === 0) return { code: 'no-moves', values: {} };
  if (kind === 'feint') return null;
  if (sim.start.lead !== sim.end.lead) return { code: 'other-lead', values: {} };
  return stateBetween(sim, sim.moves.length) === 'ready' ? null : { code: 'not-ready', values: {} };
}
