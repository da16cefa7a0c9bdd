import type { Side } from '../body/foot.js';
import { bare } from '../language/act.js';
import type { Size, Step } from '../language/ast.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { hasOwnSize } from '../language/turn-round.js';
import { paceOf } from './own-times.js';
import type { Slip } from './simulate.js';
import type { Performer } from './simulation.js';
import { metresOf, USUAL_TIME } from './sizes.js';
import { splitSeconds } from './split.js';

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
  /** Whether gathers go with the wrong foot first, where none is named. */
  readonly wrongFirst: boolean;
  /** Whether each row of gathers has one step too many. */
  readonly stepMore: boolean;
  /** Factor on the steps of the way back after a stroke or an arrival. */
  readonly homeward: number;
  /** How far out (negative: in) the toe of a reach or a jump lands, degrees. */
  readonly toeOut: number;
  /** Factor on the time of moves to one side. */
  readonly slower: { readonly side: Side; readonly factor: number } | null;
}

export const NO_ERRORS: StepErrors = {
  ...{ secondFoot: 0, turnShort: 0, swingShort: 0, ahead: 1, back: 1, slower: null },
  ...{ splitLate: 0, noSplit: false, landLate: 0, toeOut: 0, wrongFirst: false, stepMore: false, homeward: 1 },
};

const GATHERS: readonly MoveWord[] = ['advance', 'retreat', 'shuffle'];

/** What the errors of time and of landing make of a step. */
function mistimed(step: Step, { noSplit, landLate, toeOut }: StepErrors, { times }: Performer): Step {
  const { act, tempo } = step;
  const { family } = ruleOf(act.word);
  if (act.word === 'split' && noSplit)
    return { ...step, act: { ...bare('hold'), seconds: splitSeconds(act.style ?? 'low hop') }, tempo: null };
  let slipped = step;
  if (act.word === 'lunge' && landLate !== 0 && tempo === null) {
    const hands = step.hands.map((hand) => (hand.tie === 'start' ? hand : { ...hand, offsetMs: hand.offsetMs - 1000 * landLate }));
    slipped = { ...step, tempo: { seconds: USUAL_TIME.lunge * paceOf('lunge', times) + landLate }, hands };
  }
  if (toeOut !== 0 && act.toe === null && (family === 'air' || act.word === 'lunge'))
    slipped = { ...slipped, act: { ...act, toe: { out: toeOut } } };
  return slipped;
}

/** The change that these errors make to a step. */
export function slipOf(errors: StepErrors): Slip {
  return (said, performer, homeward) => {
    const step = mistimed(said, errors, performer);
    const { act } = step;
    const rule = ruleOf(act.word);
    const bearing = act.bearing ?? (rule.way === 'bearing' ? rule.usual : null);
    let changed = act;
    const off = bearing === null ? 90 : Math.abs(bearing);
    const factor = (off < 90 ? errors.ahead : off > 90 ? errors.back : 1) * (homeward ? errors.homeward : 1);
    const gathers = GATHERS.includes(act.word);
    if (factor !== 1 && act.size !== null) {
      const { value, unit } = act.size;
      const size: Size =
        unit === 'own' ? { value: value * factor, unit } : { value: metresOf(act.size, performer.body, 'even') * factor, unit: 'm' };
      changed = { ...changed, size };
    } else if (factor !== 1 && hasOwnSize(act)) changed = { ...changed, size: { value: factor, unit: 'own' } };
    if (errors.wrongFirst && gathers && act.foot === null) changed = { ...changed, foot: 'far' };
    if (errors.secondFoot !== 0 && gathers) {
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
    const wait = act.word === 'split' ? errors.splitLate : 0;
    return { step: { ...step, act: changed, tempo }, swing, wait, again: errors.stepMore && gathers && act.aim === null };
  };
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
