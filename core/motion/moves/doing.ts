import type { Body } from '../../body/body.js';
import type { Side } from '../../body/foot.js';
import type { School } from '../../body/school.js';
import { standIn, type Posture } from '../../body/stance.js';
import type { Vec } from '../../body/vec.js';
import type { Act, Tempo } from '../../language/ast.js';
import { ruleOf, type Family, type MoveWordOf } from '../../language/moves.js';
import type { MoveResult } from '../action.js';
import { footOf, nearFoot } from '../foot-choice.js';
import type { ProblemMessage, ProblemMessages } from '../messages.js';
import { growthOf, type OWN_STEP, metresOf, secondsOf, STRIDE_RANGE } from '../sizes.js';
import { stay } from '../stay.js';

/** The reach that a later 'recover' comes back from. */
export interface OpenReach {
  readonly foot: Side;
  readonly from: Posture;
}

/** What a recipe reads: the athlete, how they stand, what was asked, and whom they face. */
export interface Doing {
  readonly act: Act;
  readonly before: Posture;
  readonly body: Body;
  readonly school: School;
  readonly playing: Side;
  readonly tempo: Tempo | null;
  /** Tempo of the second part, where it differs. */
  readonly then: Tempo | null;
  /** How far the free foot of a pivot goes beyond its place, degrees: an error. */
  readonly swing: number;
  readonly open: OpenReach | null;
  /** Where the opponent stands; without one on the floor, ahead at a usual distance. */
  readonly opponent: Vec;
  /** Whether there is one on the floor. */
  readonly opposed: boolean;
  /** Which engine does it: what an earlier one did otherwise is done as it did it. */
  readonly engine: number;
  /** How many times as long as usually this athlete takes for it, flights apart: what was measured. */
  readonly pace: number;
  /** Whether a long step takes no longer than a short one. */
  readonly flat: boolean;
  /** Names something that could not be done as written, or only beyond the body's range. */
  readonly note: (problem: ProblemMessage, value: number, limit: number) => void;
}

/** What a move yields, and the reach it leaves open. */
export interface Done extends MoveResult {
  readonly open?: OpenReach | null;
}

export type Recipe = (doing: Doing) => Done;
/** How every move of a family is done. */
export type FamilyOf<F extends Family> = Readonly<Record<MoveWordOf<F>, Recipe>>;

export const bearingOf = ({ act }: Doing): number => act.bearing ?? ruleOf(act.word).usual ?? 0;
export const turnOf = ({ act }: Doing): number => act.turn ?? ruleOf(act.word).usual ?? 90;
export const near = (doing: Doing): Side => nearFoot(doing.before, bearingOf(doing), doing.playing);
export const footOr = (doing: Doing, usual: Side): Side =>
  doing.act.foot === null ? usual : footOf(doing.act.foot, doing.before, bearingOf(doing), doing.playing);
export const leading = ({ before, playing }: Doing): Side => before.lead ?? playing;

/** The size in metres, named when it is longer than this body steps. */
export function sized(doing: Doing, usual: keyof typeof OWN_STEP | number, range: keyof typeof STRIDE_RANGE): number {
  return inRange(doing, metresOf(doing.act.size, doing.body, usual), range);
}

/** How much of its usual time a move of `metres` takes, by its usual size on this body. Only a size that was written changes a time. */
export function grown(
  { engine, flat, act, body }: Doing,
  metres: number,
  usual: keyof typeof OWN_STEP | number,
  size: Act['size'] = act.size,
): number {
  if (engine < 2 || flat || size === null || act.aim !== null) return 1;
  return size.unit === 'own' ? growthOf(size.value, 1) : growthOf(metres, metresOf(null, body, usual));
}

/**
 * What × is times of: the usual size from where the feet are, no longer than it is from the school's stance. One long step would make
 * the next one longer, and that one the next.
 */
export const usualFrom = ({ before, school, body }: Doing, usual: (posture: Posture) => number): number =>
  Math.min(usual(before), usual(standIn(school, body, before.lead)));

export function inRange({ body, note }: Doing, metres: number, range: keyof typeof STRIDE_RANGE): number {
  const limit = STRIDE_RANGE[range] * body.leg.metres;
  if (metres > limit + 1e-9) {
    note({ code: 'stride', values: { of: 'step', metres, most: limit } }, metres, limit);
  }
  return metres;
}

/** Metres of a move that stays in place unless it is sent somewhere. */
export const asideOf = (doing: Doing): number =>
  doing.act.size === null && doing.act.bearing === null ? 0 : sized(doing, 'small', 'lunge');

/** Seconds of a move: its usual ones, of which `flight` stays as it is, `growth` times as long, as this athlete does it, at its tempo. */
export const usually = (doing: Doing, seconds: number, flight = 0, growth = 1): number =>
  secondsOf(flight + (seconds - flight) * growth * doing.pace, doing.tempo, flight);

/** The tempo of one of several parts of a move that take `share` of its usual time together with the others: a time is that of all. */
export const partOf = (tempo: Tempo | null, share: number): Tempo | null =>
  tempo !== null && 'seconds' in tempo ? { seconds: tempo.seconds * share } : tempo;

export function refused(doing: Doing, why: ProblemMessages['refused']['why'], seconds: number, value = 0, limit = 0): Done {
  doing.note({ code: 'refused', values: { why } }, value, limit);
  return stay(doing.before, seconds);
}
