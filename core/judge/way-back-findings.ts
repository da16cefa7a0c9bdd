import { originOf } from '../body/stance.js';
import { distance } from '../body/vec.js';
import { ruleOf } from '../language/moves.js';
import type { Simulation, SimMove } from '../motion/simulation.js';
import { finding, type Finding } from './finding.js';
import { CROSSINGS, is } from './move-rule.js';
import { heldOn, type HeldChoices } from './schools.js';

/** Shots by how long they leave: a way back of two steps, or of one (common practice, no source). */
const SHOTS = {
  place: { two: /\b(clear|lob|lift)\b/i, one: /\bdrop\b/i },
  time: { two: /\b(clear|lob|lift)\b/i, one: /\b(drop|smash|drive|flat|kill)\b/i },
} as const;

/** What is said against the way back: how many steps it takes after a shot, and what the first of them is. */
export const wayBackFindings = (sim: Simulation, choices: HeldChoices): Finding[] => [
  ...wayBack(sim, choices),
  ...wayBackStep(sim, choices),
];

/** Chassés of the way back after a shot, up to the next split. */
function wayBack(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('way-back', choices);
  if (option === 'off') return [];
  const shots = SHOTS[option];
  return sim.hands.flatMap((hand): Finding[] => {
    const wanted = shots.two.test(hand.word) ? 2 : shots.one.test(hand.word) ? 1 : null;
    const from = sim.moves[hand.move];
    if (wanted === null || !from) return [];
    const after = sim.moves.slice(hand.move + 1);
    const split = after.findIndex((move) => is(move, ['split']));
    const steps = after.slice(0, split < 0 ? after.length : split).filter((move) => ruleOf(move.step.act.word).family === 'gather').length;
    if (steps === wanted) return [];
    const says = { shot: hand.word, asked: wanted, steps };
    return [
      finding('way-back-misfit', says, 'note', from, hand.at, { value: steps, limit: wanted, excess: Math.abs(steps - wanted), held }),
    ];
  });
}

/** The first step after the move that got furthest from the start. */
function wayBackStep(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('way-back-step', choices);
  if (option === 'off' || sim.moves.length === 0) return [];
  const far = (move: SimMove): number => distance(originOf(move.after.feet), originOf(sim.start.feet));
  const furthest = sim.moves.reduce((best, move) => (far(move) > far(best) + 1e-9 ? move : best));
  const first = sim.moves.slice(furthest.index + 1).find((move) => ['gather', 'pass'].includes(ruleOf(move.step.act.word).family));
  if (!first || far(furthest) < 0.3) return [];
  const crossed = is(first, CROSSINGS);
  if (crossed === (option === 'crossover')) return [];
  return [finding('way-back-first', { move: first.step.act.word, wanted: option }, 'note', first, first.start, { held })];
}
