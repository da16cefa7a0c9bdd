import { STANCE_TOLERANCE } from '../body/stance.js';
import { dot, sub, wayOf } from '../body/vec.js';
import { ruleOf } from '../language/moves.js';
import { feetDuring } from '../motion/motion.js';
import type { Simulation, SimMove } from '../motion/simulation.js';
import { onceForAlike } from './alike.js';
import { BOTH, finding, LEAST, levelOf, type Finding } from './finding.js';
import { heldOn, type HeldChoices } from './schools.js';
import { crossedBy, narrowBy, shortBy, touching, wideBy } from './state.js';

const SAMPLES = 24;

/** Whether this school lets a move cross that says so. */
function mayCross(move: SimMove, choices: HeldChoices): boolean {
  if (!move.means.includes('cross')) return false;
  const { option } = heldOn('crossing', choices);
  return option === 'said' || (option === 'behind' && move.step.act.word === 'cross behind');
}

/** What goes wrong with the base during each move and after it. */
export function baseFindings(sim: Simulation, choices: HeldChoices): Finding[] {
  const worst = onceForAlike((move) => worstOf(sim, move));
  return sim.moves.flatMap((move) => [...underWay(sim, move, choices, worst), ...afterMove(sim, move)]);
}

interface Worst {
  readonly by: number;
  readonly at: number;
}

/** Worst crossing, touching, narrowing and passing while a move is under way, beyond what it began with; metres, and seconds since its start. */
interface WorstOfMove {
  readonly crossed: Worst | null;
  readonly narrow: Worst | null;
  readonly touched: number | null;
  readonly passed: number;
}

const movingTolerance = (sim: Simulation): number => sim.target.tolerance * STANCE_TOLERANCE.movingFactor;

function worstOf(sim: Simulation, move: SimMove): WorstOfMove {
  const tolerance = movingTolerance(sim);
  const { before } = move;
  const meets = move.means.includes('touch');
  const inherited = {
    crossed: crossedBy(before.feet, before.heading, tolerance),
    narrow: narrowBy(before.feet, before.heading, sim.target, tolerance),
    touching: touching(before.feet, sim),
  };
  let crossed: Worst = { by: Math.max(LEAST.metres, inherited.crossed + LEAST.metres), at: -1 };
  let narrow: Worst = { by: Math.max(LEAST.metres, inherited.narrow + LEAST.metres), at: -1 };
  let touched = -1;
  for (let k = 1; k < SAMPLES; k++) {
    const t = ((move.end - move.start) * k) / SAMPLES;
    const now = feetDuring(move, move.start + t);
    // In the air there is no base.
    if (now.left.inAir && now.right.inAir) continue;
    const cross = crossedBy(now, now.heading, tolerance);
    const thin = narrowBy(now, now.heading, sim.target, tolerance);
    if (cross > crossed.by) crossed = { by: cross, at: t };
    if (!meets && thin > narrow.by) narrow = { by: thin, at: t };
    if (!meets && touched < 0 && !inherited.touching && !now.left.inAir && !now.right.inAir && touching(now, sim)) touched = t;
  }
  return {
    crossed: crossed.at < 0 ? null : crossed,
    narrow: narrow.at < 0 ? null : narrow,
    touched: touched < 0 ? null : touched,
    passed: passedBy(sim, move),
  };
}

/** Moves whose foot goes over or is dragged after the other one on purpose: where it ends is looked at, and not its way there. */
const goesOver = ({ step: { act } }: SimMove): boolean =>
  ruleOf(act.word).family === 'reach' || act.word === 'step-out quarter' || act.word === 'side step and turn';

/** What is said of a move while it is under way. */
function underWay(sim: Simulation, move: SimMove, choices: HeldChoices, worst: (move: SimMove) => WorstOfMove): Finding[] {
  if (!move.moving || move.actions.length === 0 || mayCross(move, choices) || goesOver(move)) return [];
  const tolerance = movingTolerance(sim);
  const { before, start } = move;
  const { crossed, narrow, touched, passed } = worst(move);
  const found: Finding[] = [];
  if (crossed) {
    const limit = Math.max(0.02, tolerance);
    const { held } = heldOn('crossing', choices);
    const numbers = { feet: BOTH, value: limit + crossed.by, limit, excess: crossed.by, held };
    found.push(finding('crossed', { by: crossed.by + limit }, levelOf(crossed.by, tolerance), move, start + crossed.at, numbers));
  } else if (narrow) {
    const limit = sim.target.width - tolerance;
    const says = { wide: limit - narrow.by, least: limit, underWay: true };
    const numbers = { feet: BOTH, value: limit - narrow.by, limit, excess: narrow.by };
    found.push(finding('narrow', says, levelOf(narrow.by, tolerance), move, start + narrow.at, numbers));
  }
  if (touched !== null && !crossed) {
    const numbers = { feet: BOTH, value: 0.01, excess: 0.01 };
    found.push(finding('touching', {}, levelOf(0.01, tolerance), move, start + touched, numbers));
  }
  if (passed > LEAST.metres && before.lead !== null) {
    const limit = sim.performer.body.breadth.metres / 2;
    const says = { foot: before.lead, by: passed + limit };
    const numbers = { feet: BOTH, value: limit + passed, limit, excess: passed };
    found.push(finding('passed', says, levelOf(passed, tolerance), move, move.end, numbers));
  }
  return found;
}

/** By how much more than half a foot breadth the lead foot gets behind the other during a move that does not say so. */
function passedBy(sim: Simulation, move: SimMove): number {
  const { lead, feet, heading } = move.before;
  if (lead === null || move.means.includes('pass')) return -1;
  const least = sim.performer.body.breadth.metres / 2;
  const behind = (left: typeof feet.left, right: typeof feet.right, facing: number): number =>
    dot(lead === 'left' ? sub(right, left) : sub(left, right), wayOf(facing)) - least;
  let worst = -1;
  for (let k = 1; k <= SAMPLES; k++) {
    const now = feetDuring(move, Math.min(move.end - 1e-9, move.start + ((move.end - move.start) * k) / SAMPLES));
    worst = Math.max(worst, behind(now.left, now.right, now.heading));
  }
  // One that began behind is named where it fell behind.
  return worst > behind(feet.left, feet.right, heading) + LEAST.metres ? worst : -1;
}

/** Moves that open or close the stance on purpose: what follows restores it. */
const opens = ({ step: { act } }: SimMove): boolean => act.word === 'drop step' || (act.word === 'split' && act.bearing !== null);
const closes = ({ step: { act } }: SimMove): boolean => act.word === 'feet together';

/** What stands wrong once a move has ended. A reach is wide on purpose until it is recovered, a crossing until it is squared up. */
function afterMove(sim: Simulation, move: SimMove): Finding[] {
  // Who recovers stands as before the reach, which was looked at then.
  if (!move.moving || move.means.includes('cross') || ruleOf(move.step.act.word).family === 'reach') return [];
  const { tolerance } = sim.target;
  const { feet, heading } = move.after;
  const found: Finding[] = [];
  const { before } = move;
  const was = {
    narrow: narrowBy(before.feet, before.heading, sim.target, tolerance),
    wide: wideBy(before.feet, before.heading, sim.target),
    short: shortBy(before.feet, before.heading, sim.target),
  };
  const short = move.means.length > 0 ? -1 : shortBy(feet, heading, sim.target);
  const narrow = narrowBy(feet, heading, sim.target, tolerance);
  const wide = wideBy(feet, heading, sim.target);
  // Only the move that makes it worse is named; those that follow inherit the stance.
  if (narrow > LEAST.metres && narrow > was.narrow + 1e-6 && !closes(move)) {
    const limit = sim.target.width - tolerance;
    const says = { wide: limit - narrow, least: limit, underWay: false };
    const numbers = { feet: BOTH, value: limit - narrow, limit, excess: narrow };
    found.push(finding('narrow', says, levelOf(narrow, tolerance), move, move.end, numbers));
  }
  if (short > LEAST.metres && short > was.short + 1e-6 && !closes(move)) {
    const least = sim.target.length - tolerance;
    const numbers = { feet: BOTH, value: least - short, limit: least, excess: short };
    found.push(finding('short', { long: least - short, least }, levelOf(short, tolerance), move, move.end, numbers));
  }
  if (wide > LEAST.metres && wide > was.wide + 1e-6 && !opens(move)) {
    const says = { by: wide + tolerance, allowed: tolerance };
    const numbers = { feet: BOTH, value: tolerance + wide, limit: tolerance, excess: wide };
    found.push(finding('wide', says, levelOf(wide, tolerance), move, move.end, numbers));
  }
  return found;
}
