import type { Simulation } from '../motion/simulation.js';
import { CLOSED, driftOf } from './drift.js';
import { BOTH, finding, levelOf, type Finding } from './finding.js';

/** What keeps a repetition from ending where it began. */
export function closingFindings(sim: Simulation): Finding[] {
  const last = sim.moves.at(-1);
  const drift = driftOf(sim);
  if (drift.closed || !last) return [];
  const far = drift.furthestMark - CLOSED.metres;
  const turned = Math.abs(drift.heading) - CLOSED.degrees;
  const found: Finding[] = [];
  if (drift.leadAfter !== drift.leadBefore) {
    found.push(finding('lead-changed', { leads: drift.leadAfter }, 'beware', last, sim.seconds, { feet: BOTH }));
  }
  if (far <= 1e-9 && turned <= 1e-9) return found;
  const level = far > 0 ? levelOf(far, CLOSED.metres) : levelOf(turned, CLOSED.degrees);
  const where = { right: drift.right, ahead: drift.ahead, turned: drift.heading };
  return [
    ...found,
    finding('not-closed', where, level, last, sim.seconds, { feet: BOTH, value: drift.furthestMark, limit: CLOSED.metres, excess: far }),
  ];
}
