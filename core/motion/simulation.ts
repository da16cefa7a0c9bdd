import type { Body } from '../body/body.js';
import type { Side } from '../body/foot.js';
import type { School } from '../body/school.js';
import type { Posture, StanceTarget } from '../body/stance.js';
import type { Vec } from '../body/vec.js';
import type { Manner, Step } from '../language/ast.js';
import type { EventWord, ThingWord } from '../language/floor-words.js';
import type { Span } from '../language/places.js';
import type { ChanceUnit, FootAction, MoveResult, Tally } from './action.js';
import type { OwnTimes } from './own-times.js';
import type { ProblemMessage } from './messages.js';
import type { Choice } from './unfold.js';

/** For whom a pattern is simulated. */
export interface Performer {
  readonly body: Body;
  readonly school: School;
  readonly lead: Side | null;
  readonly playing: Side;
  /** What they take for moves, where it was measured. */
  readonly times?: OwnTimes;
  /** How far what the hand holds reaches beyond it, metres. */
  readonly holds?: number;
}

/** One move of the pattern with its place in time and text. Times in seconds from the pattern's start. */
export interface SimMove {
  readonly index: number;
  /** As it is done: with its side, size and aim as they came out. */
  readonly step: Step;
  readonly span: Span;
  readonly start: number;
  readonly end: number;
  readonly landing: number;
  readonly before: Posture;
  readonly after: Posture;
  readonly actions: readonly FootAction[];
  readonly units: readonly ChanceUnit[];
  readonly means: MoveResult['means'];
  readonly moving: boolean;
  readonly tally: Tally;
}

/** A hit or named strike at a moment; `tiedTo` is the moment of the foot action it goes with, if any. */
export interface HandMoment {
  readonly word: string;
  readonly at: number;
  readonly tiedTo: number | null;
  readonly move: number;
}

/** Something outside the athlete at a moment; `move` is the one it is tied to, if any. */
export interface EventMoment {
  readonly event: EventWord;
  readonly name: string | null;
  readonly at: number;
  readonly move: number | null;
  readonly span: Span;
}

/** A thing on the floor in the start frame, metres. A partner with a line of steps has a simulation of its own, in its own frame. */
export interface PlacedThing {
  readonly thing: ThingWord;
  readonly name: string | null;
  readonly at: Vec;
  readonly facing: number;
  readonly span: Span;
  readonly doing: Simulation | null;
  /** Whether a partner keeps their distance to the athlete. */
  readonly follows: boolean;
  /** How far a partner's hand reaches from the body's middle, metres; of other things null. */
  readonly reach: number | null;
}

/** Something a move could not do as written; it was done otherwise. */
export type Problem = ProblemMessage & {
  readonly move: number;
  readonly span: Span;
  readonly value: number;
  readonly limit: number;
};

export interface Simulation {
  readonly performer: Performer;
  /** What the line says of all of its steps. */
  readonly manner: Manner;
  readonly target: StanceTarget;
  readonly start: Posture;
  readonly end: Posture;
  readonly moves: readonly SimMove[];
  /** All foot actions in time order. */
  readonly actions: readonly (FootAction & { readonly move: number })[];
  readonly hands: readonly HandMoment[];
  readonly events: readonly EventMoment[];
  readonly things: readonly PlacedThing[];
  /** The branches of alternatives that were taken, in order. */
  readonly choices: readonly Choice[];
  readonly problems: readonly Problem[];
  readonly seconds: number;
}
