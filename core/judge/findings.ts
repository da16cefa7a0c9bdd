import type { Intended } from '../language/ast.js';
import type { Simulation } from '../motion/simulation.js';
import type { Placing } from './area.js';
import { baseFindings } from './base-findings.js';
import { choiceFindings } from './choice-findings.js';
import { closingFindings } from './closing-findings.js';
import { finding, FINDINGS, levelOf, type Finding } from './finding.js';
import { floorFindings } from './floor-findings.js';
import type { HeldChoices } from './schools.js';
import { timingFindings } from './timing-findings.js';

export interface FindingOptions {
  /** Whether a repetition should end where it began. */
  readonly shouldClose: boolean;
  /** What pattern, athlete and club hold where schools differ. */
  readonly schools?: HeldChoices;
  /** Findings that are meant to occur. */
  readonly intended?: readonly Intended[];
  /** The floor, and where on it one begins. */
  readonly placing?: Placing;
}

/** All findings of a simulation in time order. */
export function findingsOf(sim: Simulation, { shouldClose, schools = {}, intended = [], placing }: FindingOptions): Finding[] {
  const found = [
    ...baseFindings(sim, schools),
    ...timingFindings(sim, schools),
    ...choiceFindings(sim, schools),
    ...floorFindings(sim, placing ?? null),
    ...problemFindings(sim),
    ...(shouldClose ? closingFindings(sim) : []),
  ];
  const meant = new Set(intended.map((one) => one.code));
  const marked = found.map((one) => (meant.has(one.code) ? { ...one, intended: true } : one));
  return [...marked, ...absent(intended, marked, sim)].sort((a, b) => a.at - b.at);
}

function problemFindings(sim: Simulation): Finding[] {
  return sim.problems.map(({ move, span, value, limit, ...problem }) => {
    const { code } = problem;
    const level =
      code === 'stride' ? levelOf(value - limit, limit * 0.15) : code === 'short-pass' || code === 'names-a-foot' ? 'beware' : 'stop';
    const at = sim.moves[move]?.start ?? sim.seconds;
    return finding(code, problem.values, level, { index: move, span }, at, { value, limit, excess: value - limit });
  });
}

/** What was meant and does not occur, or is no finding at all. */
function absent(intended: readonly Intended[], found: readonly Finding[], sim: Simulation): Finding[] {
  return intended
    .filter((one) => !found.some((other) => other.code === one.code))
    .map(({ code, span }) => {
      const values = { intended: code, known: code in FINDINGS };
      return finding('did-not-occur', values, 'note', null, sim.seconds, { span });
    });
}
