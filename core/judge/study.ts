import type { NotationError, Parsed } from '../language/ast.js';
import { definitionsOf, type OwnMove } from '../language/own-moves.js';
import { parse } from '../language/parse.js';
import { simulate, type SimulateOptions } from '../motion/simulate.js';
import { equipped } from '../motion/implement.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { totalsOf, type Totals } from '../motion/totals.js';
import { answerTimes, type AnswerTime } from './answer.js';
import type { Placing } from './area.js';
import { driftOf, type Drift } from './drift.js';
import type { Finding } from './finding.js';
import { findingsOf } from './findings.js';
import { placesOn } from './places.js';
import type { HeldChoices } from './schools.js';
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

export interface StudyOptions extends SimulateOptions {
  readonly schools?: HeldChoices;
  /** Whose usual choices hold where nobody chose. */
  readonly sport?: string;
  /** The club's own moves, by name. */
  readonly own?: readonly OwnMove[];
  readonly placing?: Placing;
}

/**
 * Reads, simulates and inspects a line of steps for a performer. Never throws.
 * @example study('shuffle right 40 cm', { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }, true).findings.map(({ code }) => code) // ['not-closed']
 */
export function study(text: string, performer: Performer, shouldClose: boolean, options: StudyOptions = {}): Study {
  return studyOf(text, readWith(text, options.own), performer, shouldClose, options);
}

/** A text read with the club's own moves: they count as defined before it. */
export function readWith(text: string, own: readonly OwnMove[] = []): Parsed {
  const known = definitionsOf(own);
  const parsed = parse(text, known);
  return known.length === 0 ? parsed : { ...parsed, definitions: [...known, ...parsed.definitions] };
}

/** The same of a text that has been read. */
export function studyOf(text: string, parsed: Parsed, performer: Performer, shouldClose: boolean, options: StudyOptions = {}): Study {
  const simulation = simulate(parsed, equipped(performer, options.sport), { ...options, ...placesOn(options.placing) });
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
    findings: findingsOf(simulation, {
      shouldClose,
      intended: parsed.intended,
      ...(options.schools && { schools: options.schools }),
      ...(options.sport !== undefined && { sport: options.sport }),
      ...(options.placing && { placing: options.placing }),
    }),
  };
}
