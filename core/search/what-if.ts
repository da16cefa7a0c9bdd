import type { Side } from '../body/foot.js';
import { driftOf, type Drift } from '../judge/drift.js';
import { stateBetween } from '../judge/state.js';
import type { Finding } from '../judge/finding.js';
import { findingsOf, type FindingOptions } from '../judge/findings.js';
import { placesOn } from '../judge/places.js';
import { bare } from '../language/act.js';
import type { Size, Step } from '../language/ast.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { hasOwnSize } from '../language/turn-round.js';
import { simulate, type Script, type SimulateOptions, type Slip } from '../motion/simulate.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { metresOf, USUAL_TIME } from '../motion/sizes.js';
import { splitSeconds } from '../motion/split.js';
import { repeated } from './repeat.js';

/** Errors that come again with each step. Metres, degrees, factors; zeros and ones mean none. */
export interface StepErrors {
  /** How much further (negative: less far) the second foot of a gather goes. */
  readonly secondFoot: number;
  /** How far short every turn ends, degrees: the stance is kept. */
  readonly turnShort: number;
  /** How far short the free foot of a pivot swings, degrees: the heading is full, the stance changes. */
  readonly swingShort: number;
  /** Factor on steps ahead, and on those back. */
  readonly ahead: number;
  readonly back: number;
  /** How much later one splits, seconds. */
  readonly splitLate: number;
  /** Whether there is no split at all: one stands as long instead. */
  readonly noSplit: boolean;
  /** How much later the foot of a lunge lands, seconds; the hand keeps its moment. */
  readonly landLate: number;
  /** How far out (negative: in) the toe of a reach or a jump lands, degrees. */
  readonly toeOut: number;
  /** Factor on the time of moves to one side. */
  readonly slower: { readonly side: Side; readonly factor: number } | null;
}

export const NO_ERRORS: StepErrors = {
  ...{ secondFoot: 0, turnShort: 0, swingShort: 0, ahead: 1, back: 1, slower: null },
  ...{ splitLate: 0, noSplit: false, landLate: 0, toeOut: 0 },
};

const GATHERS: readonly MoveWord[] = ['advance', 'retreat', 'shuffle'];

/** What the errors of time and of landing make of a step. */
function mistimed(step: Step, { noSplit, landLate, toeOut }: StepErrors): Step {
  const { act, tempo } = step;
  const { family } = ruleOf(act.word);
  if (act.word === 'split' && noSplit)
    return { ...step, act: { ...bare('hold'), seconds: splitSeconds(act.style ?? 'low hop') }, tempo: null };
  let slipped = step;
  if (act.word === 'lunge' && landLate !== 0 && tempo === null) {
    const hands = step.hands.map((hand) => (hand.tie === 'start' ? hand : { ...hand, offsetMs: hand.offsetMs - 1000 * landLate }));
    slipped = { ...step, tempo: { seconds: USUAL_TIME.lunge + landLate }, hands };
  }
  if (toeOut !== 0 && act.toe === null && (family === 'air' || act.word === 'lunge'))
    slipped = { ...slipped, act: { ...act, toe: { out: toeOut } } };
  return slipped;
}

/** The change that these errors make to a step. */
export function slipOf(errors: StepErrors): Slip {
  return (said, performer) => {
    const step = mistimed(said, errors);
    const { act } = step;
    const rule = ruleOf(act.word);
    const bearing = act.bearing ?? (rule.way === 'bearing' ? rule.usual : null);
    let changed = act;
    const off = bearing === null ? 90 : Math.abs(bearing);
    const factor = off < 90 ? errors.ahead : off > 90 ? errors.back : 1;
    if (factor !== 1 && act.size !== null) {
      const { value, unit } = act.size;
      const size: Size =
        unit === 'own' ? { value: value * factor, unit } : { value: metresOf(act.size, performer.body, 'even') * factor, unit: 'm' };
      changed = { ...changed, size };
    } else if (factor !== 1 && hasOwnSize(act)) changed = { ...changed, size: { value: factor, unit: 'own' } };
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
    return { step: { ...step, act: changed, tempo }, swing, wait: act.word === 'split' ? errors.splitLate : 0 };
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
  /** What would be found in one repetition that is not found without the errors. */
  readonly findings: readonly Finding[];
}

/** The same thing found at the same place of the line, and as grave. */
const alikeIn = ({ code, span, level }: Finding): string => `${code} ${span?.from ?? ''} ${level}`;

/** How a line is judged, and where it is done. */
export type WhatIfOptions = Omit<FindingOptions, 'shouldClose' | 'intended'> & Pick<SimulateOptions, 'choices' | 'seed'>;

/** Does a pattern n times with the same errors each time. */
export function whatIf(script: Script, performer: Performer, errors: StepErrors, repetitions: number, options: WhatIfOptions = {}): WhatIf {
  const slip = slipOf(errors);
  const { choices, seed, ...judged } = options;
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
