import type { Side } from '../../body/foot.js';
import type { Caution } from '../../body/caution.js';
import type { DoseMessage, NotationMessage } from '../../language/messages.js';
import type { Nothing, Said } from '../../said.js';
import type { CallMessage } from '../calls/messages.js';
import type { TrainingLevel } from './landings.js';

/** Everything that can be asked of a plan or be wrong with it. Seconds, metres. */
export interface PlanMessages {
  /** `readings`: the whole dose with what may be meant. */
  readonly dose: { readonly error: DoseMessage; readonly instead: string | null; readonly readings: readonly string[] };
  readonly steps: { readonly error: NotationMessage };
  readonly rest: Nothing;
  readonly 'set-rest': Nothing;
  readonly repetition: Nothing;
  readonly sides: Nothing;
  /** Both sides of a line that has none; `readings`: the whole dose as it may be meant. */
  readonly 'no-side': { readonly readings: readonly string[] };
  /** The other side of a line that names a foot left or right, which stays as it is named. */
  readonly 'side-of-foot': { readonly readings: readonly string[] };
  readonly call: Nothing;
  readonly calls: { readonly problem: CallMessage };
  readonly 'pattern-away': Nothing;
  readonly 'pattern-changed': Nothing;
  readonly 'other-lead': { readonly name: string };
  /** Beats have names, but not so many as there are moves. */
  readonly 'beats-number': { readonly named: number; readonly beats: number };
  readonly 'beat-loop': { readonly beat: string };
  readonly 'too-fast': { readonly count: number; readonly claimed: number; readonly needs: number; readonly fit: number };
  readonly 'round-short': { readonly repetition: number; readonly round: number };
  readonly 'odd-turns': { readonly count: number; readonly a: string; readonly ofA: number; readonly b: string; readonly ofB: number };
  readonly 'odd-sides': { readonly count: number; readonly written: number; readonly other: number };
  readonly chimes: { readonly chimes: number; readonly whole: number; readonly cut: number };
  readonly overrun: { readonly late: number };
  readonly 'one-leg': { readonly side: Side };
  readonly 'mostly-one-leg': { readonly left: number; readonly right: number };
  readonly floor: { readonly by: number; readonly area: string };
  readonly theme: Nothing;
  readonly 'stations-timed': Nothing;
  readonly 'stations-uneven': { readonly rounds: number; readonly stations: number; readonly even: number };
  readonly 'child-contact': Nothing;
  readonly change: Nothing;
  readonly 'longest-run': { readonly total: number; readonly most: number };
  readonly 'over-time': { readonly total: number; readonly limit: number };
  readonly landings: { readonly landings: number; readonly level: TrainingLevel; readonly low: number; readonly high: number };
  readonly 'landings-child': { readonly landings: number };
  readonly 'landings-caution': { readonly landings: number; readonly most: number; readonly caution: Caution };
  readonly rise: { readonly landings: number; readonly rise: number };
}

export type PlanMessage = Said<PlanMessages>;

/** What must be decided before a session is fitted to its time; `stage` is its name. */
export interface FitAskMessages {
  readonly rest: { readonly stage: string };
  readonly 'set-rest': { readonly stage: string };
  readonly repetition: { readonly stage: string };
  readonly sides: { readonly stage: string };
  readonly call: { readonly stage: string };
  readonly dose: { readonly stage: string; readonly error: DoseMessage };
  readonly change: Nothing;
}

export type FitAsk = Said<FitAskMessages>;

/** Why a stage is shorter than it could be, or left out. */
export interface FitWhyMessages {
  readonly 'left-out': { readonly priority: number };
  readonly 'no-time-left': Nothing;
}

export type FitWhy = Said<FitWhyMessages>;
