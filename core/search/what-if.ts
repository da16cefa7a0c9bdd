import type { Side } from '../body/foot.js';
import { driftOf, type Drift } from '../judge/drift.js';
import { stateBetween } from '../judge/state.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { simulate, type Script, type Slip } from '../motion/simulate.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { metresOf } from '../motion/sizes.js';
import { repeated } from './repeat.js';

/** Errors that come again with each step. Metres, degrees, factors; zeros and ones mean none. */
export interface StepErrors {
  /** How much further (negative: less far) the second foot of a gather goes. */
  readonly secondFoot: number;
  /** How far short every turn ends, degrees: the stance is kept. */
  readonly turnShort: number;
  /** How far short the free foot of a pivot swings, degrees: the heading is full, the stance changes. */
  readonly swingShort: number;
  /** Factor on steps ahead; those back stay. */
  readonly ahead: number;
  /** Factor on the time of moves to one side. */
  readonly slower: { readonly side: Side; readonly factor: number } | null;
}

export const NO_ERRORS: StepErrors = { secondFoot: 0, turnShort: 0, swingShort: 0, ahead: 1, slower: null };

const GATHERS: readonly MoveWord[] = ['advance', 'retreat', 'shuffle'];

/** The change that these errors make to a step. */
function slipOf(errors: StepErrors): Slip {
  return (step, performer) => {
    const { act } = step;
    const rule = ruleOf(act.word);
    const bearing = act.bearing ?? (rule.way === 'bearing' ? rule.usual : null);
    let changed = act;
    const goesAhead = bearing !== null && Math.abs(bearing) < 90;
    if (errors.ahead !== 1 && goesAhead && rule.size !== 'none') {
      const usual = rule.size === 'lunge' ? 'lunge' : 'even';
      changed = { ...changed, size: { value: metresOf(act.size, performer.body, usual) * errors.ahead, unit: 'm' } };
    }
    if (errors.secondFoot !== 0 && GATHERS.includes(act.word)) {
      const second = metresOf(changed.second ?? changed.size, performer.body, 'even') + errors.secondFoot;
      changed = { ...changed, second: { value: Math.max(0.001, second), unit: 'm' } };
    }
    const turn = act.turn ?? (rule.way === 'turn' ? rule.usual : null);
    if (errors.turnShort !== 0 && turn !== null && turn !== 0) {
      changed = { ...changed, turn: Math.sign(turn) * Math.max(0, Math.abs(turn) - errors.turnShort) };
    }
    const swing = errors.swingShort !== 0 && turn !== null ? -Math.sign(turn) * errors.swingShort : 0;
    const side = bearing === null ? turn : bearing;
    const slow = errors.slower !== null && side !== null && side !== 0 && (side > 0 ? 'right' : 'left') === errors.slower.side;
    const tempo = slow && step.tempo === null ? { factor: errors.slower?.factor ?? 1 } : step.tempo;
    return { step: { ...step, act: changed, tempo }, swing };
  };
}

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
}

/** Does a pattern n times with the same errors each time. */
export function whatIf(script: Script, performer: Performer, errors: StepErrors, repetitions: number): WhatIf {
  const slip = slipOf(errors);
  const once = simulate(script, performer, { slip });
  const simulation = simulate(repeated(script, repetitions), performer, { slip });
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
  return { once: driftOf(once), after: driftOf(simulation), repetitions, lostAfter, closesAfter, simulation };
}

/**
 * Errors to begin with from what an athlete is known for (sizes: common practice, no source).
 * @example errorsFrom([]) // NO_ERRORS
 */
export function errorsFrom(bias: readonly string[]): StepErrors {
  return {
    ...NO_ERRORS,
    ...(bias.includes('second foot long') && { secondFoot: 0.05 }),
    ...(bias.includes('second foot short') && { secondFoot: -0.05 }),
    ...(bias.includes('turns short') && { turnShort: 15 }),
    ...(bias.includes('swings short') && { swingShort: 10 }),
    ...(bias.includes('forward longer than back') && { ahead: 1.15 }),
    ...(bias.includes('left side slower') && { slower: { side: 'left', factor: 1.2 } as const }),
    ...(bias.includes('right side slower') && { slower: { side: 'right', factor: 1.2 } as const }),
  };
}
