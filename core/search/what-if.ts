import { driftOf, type Drift } from '../judge/drift.js';
import { stateBetween } from '../judge/state.js';
import type { Finding } from '../judge/finding.js';
import { findingsOf, type FindingOptions } from '../judge/findings.js';
import { placesOn } from '../judge/places.js';
import { simulate, type Script, type SimulateOptions } from '../motion/simulate.js';
import { equipped } from '../motion/implement.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { slipOf, type StepErrors } from '../motion/step-errors.js';
import { repeated } from './repeat.js';

/** What errors make of a pattern over n repetitions. */
export interface WhatIf {
  readonly once: Drift;
  readonly after: Drift;
  readonly repetitions: number;
  /** The first repetition, from 1, after which the stance is not the school's any more; null: never in these. */
  readonly lostAfter: number | null;
  /** After how many repetitions it is back where it began; null: never in these. */
  readonly closesAfter: number | null;
  readonly simulation: Simulation;
  /** What would be found in one repetition that is not found without the errors. */
  readonly findings: readonly Finding[];
}

/** The same thing found at the same place of the line, and as grave. */
const alikeIn = ({ code, span, level }: Finding): string => `${code} ${span?.from ?? ''} ${level}`;

/** How a line is judged, and where it is done. */
export type WhatIfOptions = Omit<FindingOptions, 'shouldClose' | 'intended'> & Pick<SimulateOptions, 'choices' | 'seed'>;

/** Does a pattern n times with the same errors each time. */
export function whatIf(script: Script, who: Performer, errors: StepErrors, repetitions: number, options: WhatIfOptions = {}): WhatIf {
  const slip = slipOf(errors);
  const { choices, seed, ...judged } = options;
  const performer = equipped(who, judged.sport);
  const drawn = { ...placesOn(options.placing), ...(choices && { choices }), ...(seed !== undefined && { seed }) };
  const once = simulate(script, performer, { ...drawn, slip });
  // Each repetition takes the same branches: one of another length would be another line.
  const taken = once.choices.map((one) => one.taken);
  const again = { ...drawn, choices: Array.from({ length: repetitions }, () => taken).flat() };
  const simulation = simulate(repeated(script, repetitions), performer, { ...again, slip });
  const meant = new Set(
    findingsOf(simulate(script, performer, { ...drawn, choices: taken }), { shouldClose: false, ...judged }).map(alikeIn),
  );
  const findings = findingsOf(once, { shouldClose: false, ...judged }).filter((one) => !meant.has(alikeIn(one)));
  const each = once.moves.length;
  let lostAfter: number | null = null;
  let closesAfter: number | null = null;
  const startsWell = stateBetween(once, 0) === 'ready';
  for (let n = 1; n <= repetitions && each > 0 && n * each <= simulation.moves.length; n++) {
    const moves = n * each;
    if (lostAfter === null && startsWell && stateBetween(simulation, moves) !== 'ready') lostAfter = n;
    const end = simulation.moves[moves - 1]?.after;
    if (closesAfter === null && end && driftOf({ ...simulation, end }).closed) closesAfter = n;
  }
  return { once: driftOf(once), after: driftOf(simulation), repetitions, lostAfter, closesAfter, simulation, findings };
}
