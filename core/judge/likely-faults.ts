import { simulate, type Script, type SimulateOptions } from '../motion/simulate.js';
import { equipped } from '../motion/implement.js';
import type { Performer, SimMove } from '../motion/simulation.js';
import { NO_ERRORS, slipOf, type StepErrors } from '../motion/step-errors.js';
import { findingsOf, type FindingOptions } from './findings.js';

/** Errors that anybody makes, one at a time (common practice, no source): a hand's breadth, a hand's turn, a tenth of a second. */
const SMALL: readonly Partial<StepErrors>[] = [
  {},
  { secondFoot: 0.08 },
  { secondFoot: -0.08 },
  { turnShort: 20 },
  { swingShort: 15 },
  { ahead: 1.3 },
  { back: 0.7 },
  { splitLate: 0.1 },
  { noSplit: true },
  { wrongFirst: true },
  { stepMore: true },
  { homeward: 0.6 },
  { landLate: 0.12 },
  { toeOut: -25 },
];

/** A longer line is looked at as it is written: what goes wrong first in it nobody waits for. */
const MOVES = 30;

/**
 * What goes wrong first in a line when it is done a little wrong: how many of its moves have a finding of a fault under one small error
 * or as they are, by the fault's code. A fault that no geometry shows has no place here.
 * @example likelyFaults(parse('split + ball hit on landing, shuffle right 40 cm'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }).has('no-split') // true
 */
export function likelyFaults(
  script: Script,
  who: Performer,
  options: Omit<FindingOptions, 'shouldClose' | 'intended'> & Pick<SimulateOptions, 'choices' | 'seed' | 'places'> = {},
): ReadonlyMap<string, number> {
  const { choices, seed, places, ...judged } = options;
  const performer = equipped(who, judged.sport);
  const drawn = { ...(choices && { choices }), ...(seed !== undefined && { seed }), ...(places && { places }) };
  const meant = simulate(script, performer, drawn);
  const where = new Map<string, Set<number>>();
  for (const error of SMALL) {
    const slip = slipOf({ ...NO_ERRORS, ...error });
    const slips = ({ step }: SimMove): boolean => {
      const so = slip(step, performer, true);
      return so.swing !== 0 || (so.wait ?? 0) > 0 || so.again === true || so.step.act !== step.act || so.step.tempo !== step.tempo;
    };
    const plain = Object.keys(error).length === 0;
    if (!plain && (meant.moves.length > MOVES || !meant.moves.some(slips))) continue;
    const done = plain ? meant : simulate(script, performer, { ...drawn, slip });
    for (const { fault, move } of findingsOf(done, { shouldClose: false, ...judged }))
      if (fault !== null) where.set(fault, (where.get(fault) ?? new Set()).add(move));
  }
  return new Map([...where].map(([fault, moves]) => [fault, moves.size]));
}
