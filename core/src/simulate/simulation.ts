import type { Body } from '../body/body.js';
import type { Side } from '../body/foot.js';
import type { ChanceUnit, FootAction, MoveResult } from '../moves/action.js';
import type { Step } from '../notation/ast.js';
import type { Span } from '../notation/tokens.js';
import type { School } from '../stance/school.js';
import type { Posture, StanceTarget } from '../stance/stance.js';

/** For whom a pattern is simulated. */
export interface Performer {
  readonly body: Body;
  readonly school: School;
  readonly lead: Side | null;
  readonly playing: Side;
}

/** One move of the pattern with its place in time and text. Times in seconds from the pattern's start. */
export interface SimMove {
  readonly index: number;
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
}

/** A hit or named strike at a moment; `tiedTo` is the moment of the foot action it goes with, if any. */
export interface HandMoment {
  readonly word: string;
  readonly at: number;
  readonly tiedTo: number | null;
  readonly move: number;
}

/** Something a move could not do as written; it was done otherwise, as the message says. */
export interface Problem {
  readonly code: 'nothing-to-recover' | 'too-many-moves' | 'stride' | 'refused' | 'short-pass';
  readonly move: number;
  readonly span: Span;
  readonly message: string;
  readonly value: number;
  readonly limit: number;
}

export interface Simulation {
  readonly performer: Performer;
  readonly target: StanceTarget;
  readonly start: Posture;
  readonly end: Posture;
  readonly moves: readonly SimMove[];
  /** All foot actions in time order. */
  readonly actions: readonly (FootAction & { readonly move: number })[];
  readonly hands: readonly HandMoment[];
  readonly problems: readonly Problem[];
  readonly seconds: number;
}
