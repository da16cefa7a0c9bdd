import { parse } from '../notation/parse.js';
import type { NotationError } from '../notation/ast.js';
import type { Performer, Simulation } from '../simulate/simulation.js';
import { simulate } from '../simulate/simulate.js';
import { totalsOf, type Totals } from '../simulate/totals.js';
import { answerTimes, type AnswerTime } from './answer.js';
import { driftOf, type Drift } from './drift.js';
import { findingsOf, type Finding } from './findings.js';
import { sharesOf, statesOf, type StateShares, type StateSpan } from './state.js';

/** Everything a screen shows of a pattern on an athlete's body. */
export interface Study {
  readonly text: string;
  readonly errors: readonly NotationError[];
  readonly simulation: Simulation;
  readonly totals: Totals;
  readonly states: readonly StateSpan[];
  readonly shares: StateShares;
  readonly answer: AnswerTime;
  readonly drift: Drift;
  readonly findings: readonly Finding[];
}

/** Reads, simulates and inspects a line of steps for a performer. Never throws. */
export function study(text: string, performer: Performer, shouldClose: boolean): Study {
  const parsed = parse(text);
  const simulation = simulate(parsed.items, performer);
  const states = statesOf(simulation);
  return {
    text,
    errors: parsed.errors,
    simulation,
    totals: totalsOf(simulation),
    states,
    shares: sharesOf(states),
    answer: answerTimes(simulation, states),
    drift: driftOf(simulation),
    findings: findingsOf(simulation, { shouldClose }),
  };
}
