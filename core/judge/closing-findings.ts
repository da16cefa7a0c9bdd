import type { Simulation } from '../motion/simulation.js';
import { CLOSED, driftOf } from './drift.js';
import { BOTH, finding, levelOf, type Finding } from './finding.js';
import { heldOn, type HeldChoices } from './schools.js';

/** What keeps a repetition from ending where it began: many lines go somewhere on purpose, so that it is a note unless it is asked for. */
export function closingFindings(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('closing', choices);
  const strict = option === 'strict';
  const last = sim.moves.at(-1);
  const drift = driftOf(sim);
  if (drift.closed || !last) return [];
  const far = drift.furthestMark - CLOSED.metres;
  const turned = Math.abs(drift.heading) - CLOSED.degrees;
  const found: Finding[] = [];
  if (drift.leadAfter !== drift.leadBefore) {
    found.push(finding('lead-changed', { leads: drift.leadAfter }, strict ? 'beware' : 'note', last, sim.seconds, { feet: BOTH, held }));
  }
  if (far <= 1e-9 && turned <= 1e-9) return found;
  const level = !strict ? 'note' : far > 0 ? levelOf(far, CLOSED.metres) : levelOf(turned, CLOSED.degrees);
  const where = { right: drift.right, ahead: drift.ahead, turned: drift.heading };
  return [
    ...found,
    finding('not-closed', where, level, last, sim.seconds, {
      ...{ feet: BOTH, value: drift.furthestMark, limit: CLOSED.metres, excess: far },
      held,
    }),
  ];
}
