import type { FootAt, Side } from '../body/foot.js';
import type { Feet, Posture } from '../body/stance.js';
import type { Vec } from '../body/vec.js';

/** step: lifted and put down; slide: moved on the floor; hop: put down after a flight; turn: turned in place. */
type ActionKind = 'step' | 'slide' | 'hop' | 'turn';

/** What one foot does from one moment to another. Seconds from the start of its move until simulated, then of the pattern. */
export interface FootAction {
  readonly foot: Side;
  readonly kind: ActionKind;
  readonly start: number;
  readonly end: number;
  readonly from: FootAt;
  readonly to: FootAt;
  /** When set, the foot travels on a circle about this point instead of a straight line. */
  readonly about?: Vec;
  /** When set, the way is bowed out by this much at its middle: a foot swinging round the other one. */
  readonly bow?: Vec;
  /** Until when the foot is in the air, for a hop. */
  readonly airborneUntil?: number;
  /** Whether putting it down counts as a contact. */
  readonly contact: boolean;
}

/** What gives an athlete a chance to show a fault. */
export type ChanceUnit = 'step' | 'split' | 'turn' | 'arrival' | 'strike' | 'back';

/** What a move does: its actions, its length, the posture after it, and what it does on purpose. */
export interface MoveResult {
  readonly seconds: number;
  readonly actions: readonly FootAction[];
  readonly after: Posture;
  /** When the move lands (seconds from its start): what a hit is tied to. */
  readonly landing: number;
  readonly units: readonly ChanceUnit[];
  /** What it may do without a finding. */
  readonly means: readonly ('wide' | 'pass' | 'cross' | 'touch')[];
  /** Whether a move is under way; a hold only stands. */
  readonly moving: boolean;
  /** What it counts as, apart from its contacts. */
  readonly tally?: Tally;
}

/** Landings by what they come from: one event each, whichever feet land. */
export type Landing = 'jump' | 'hop' | 'gallop' | 'split';

export interface Tally {
  /** The foot that reaches and stays out. */
  readonly reach?: Side;
  /** The leg that lunges. */
  readonly lunge?: Side;
  /** The way a pivot turns. */
  readonly pivot?: Side;
  readonly landing?: Landing;
  readonly landings?: number;
}

/** A foot off the floor from one moment to another, put down where it belongs among `to`. */
export const hopOf = (foot: Side, from: Feet, to: Feet, start: number, end: number): FootAction => ({
  foot,
  kind: 'hop',
  start,
  end,
  from: from[foot],
  to: to[foot],
  airborneUntil: end,
  contact: true,
});
