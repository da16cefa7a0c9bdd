import type { Simulation } from '../motion/simulation.js';
import { CLOSED, driftOf } from './drift.js';
import { BOTH, cm, finding, levelOf, type Finding } from './finding.js';

/** What keeps a repetition from ending where it began. */
export function closingFindings(sim: Simulation): Finding[] {
  const last = sim.moves.at(-1);
  const drift = driftOf(sim);
  if (drift.closed || !last) return [];
  const far = drift.furthestMark - CLOSED.metres;
  const turned = Math.abs(drift.heading) - CLOSED.degrees;
  const found: Finding[] = [];
  if (drift.leadAfter !== drift.leadBefore) {
    const words = drift.leadAfter === null ? 'no foot leads any more' : `the ${drift.leadAfter} foot leads`;
    found.push(finding('lead-changed', 'beware', last, sim.seconds, `At the end ${words}.`, { feet: BOTH }));
  }
  if (far <= 1e-9 && turned <= 1e-9) return found;
  const where = [
    Math.abs(drift.right) > 0.005 ? `${cm(Math.abs(drift.right))} to the ${drift.right > 0 ? 'right' : 'left'}` : '',
    Math.abs(drift.ahead) > 0.005 ? `${cm(Math.abs(drift.ahead))} ${drift.ahead > 0 ? 'ahead' : 'back'}` : '',
    Math.abs(drift.heading) > 0.5 ? `turned ${Math.round(Math.abs(drift.heading))}° ${drift.heading > 0 ? 'right' : 'left'}` : '',
  ].filter((part) => part !== '');
  const level = far > 0 ? levelOf(far, CLOSED.metres) : levelOf(turned, CLOSED.degrees);
  const sentence = `It does not come back: ${where.join(', ') || 'the stance has changed'} after one repetition.`;
  return [
    ...found,
    finding('not-closed', level, last, sim.seconds, sentence, { feet: BOTH, value: drift.furthestMark, limit: CLOSED.metres, excess: far }),
  ];
}
