import type { Intended } from '../language/ast.js';
import type { Simulation } from '../motion/simulation.js';
import type { Placing } from './area.js';
import { baseFindings } from './base-findings.js';
import { choiceFindings } from './choice-findings.js';
import { closingFindings } from './closing-findings.js';
import { finding, FINDINGS, levelOf, MOST_FINDINGS, type Finding, type FindingCode } from './finding.js';
import { floorFindings } from './floor-findings.js';
import { presetOf } from './presets.js';
import type { HeldChoices } from './schools.js';
import { timingFindings } from './timing-findings.js';

export interface FindingOptions {
  /** Whether a repetition should end where it began. */
  readonly shouldClose: boolean;
  /** What pattern, athlete and club hold where schools differ. */
  readonly schools?: HeldChoices;
  /** Whose usual choices hold where nobody chose. */
  readonly sport?: string;
  /** Findings that are meant to occur. */
  readonly intended?: readonly Intended[];
  /** The floor, and where on it one begins. */
  readonly placing?: Placing;
}

/** All findings of a simulation in time order. */
export function findingsOf(
  sim: Simulation,
  { shouldClose, schools: chosen = {}, sport, intended = [], placing }: FindingOptions,
): Finding[] {
  const schools: HeldChoices = { preset: presetOf(sim.performer.school, sport), ...chosen };
  const found = [
    ...baseFindings(sim, schools),
    ...timingFindings(sim, schools),
    ...choiceFindings(sim, schools),
    ...floorFindings(sim, placing ?? null),
    ...problemFindings(sim),
    ...(shouldClose ? closingFindings(sim, schools) : []),
  ];
  const meant = new Set(intended.map((one) => one.code));
  const marked = found.map((one) => (meant.has(one.code) ? { ...one, intended: true } : one));
  return gravest([...marked, ...absent(intended, marked, sim)], sim).sort((a, b) => a.at - b.at);
}

/** The gravest of too many, and that there are more. */
function gravest(all: Finding[], sim: Simulation): Finding[] {
  if (all.length <= MOST_FINDINGS) return all;
  const of = (level: Finding['level']): Finding[] => all.filter((one) => one.level === level);
  const more = finding('too-many', { counted: 'findings', most: MOST_FINDINGS }, 'note', null, sim.seconds, {
    value: all.length,
    limit: MOST_FINDINGS,
  });
  return [...[...of('stop'), ...of('beware'), ...of('note')].slice(0, MOST_FINDINGS), more];
}

/** Done in some way, and asked. */
const ASKED: readonly FindingCode[] = ['short-pass', 'names-a-foot', 'no-side'];

function problemFindings(sim: Simulation): Finding[] {
  return sim.problems.map(({ move, span, value, limit, ...problem }) => {
    const { code } = problem;
    const level = code === 'stride' ? levelOf(value - limit, limit * 0.15) : ASKED.includes(code) ? 'beware' : 'stop';
    const at = sim.moves[move]?.start ?? sim.seconds;
    return finding(code, problem.values, level, { index: move, span }, at, { value, limit, excess: value - limit });
  });
}

/** What was meant and does not occur, or is no finding at all. */
function absent(intended: readonly Intended[], found: readonly Finding[], sim: Simulation): Finding[] {
  const occurred = new Set<string>(found.map(({ code }) => code));
  return intended
    .filter((one) => !occurred.has(one.code))
    .map(({ code, span }) => {
      const values = { intended: code, known: code in FINDINGS };
      return finding('did-not-occur', values, 'note', null, sim.seconds, { span });
    });
}
