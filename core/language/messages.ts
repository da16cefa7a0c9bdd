import type { StageField } from './stage-fields.js';
import type { Nothing, Said } from '../said.js';

/** Everything that can be wrong with a line of steps. Words are as typed; bearings in degrees, as the notation has them. */
export interface NotationMessages {
  readonly 'too-long': { readonly most: number; readonly length: number };
  readonly 'bracket-closes-nothing': Nothing;
  readonly 'bracket-open': Nothing;
  readonly 'bracket-empty': Nothing;
  readonly 'bracket-deep': { readonly most: number };
  readonly 'not-understood': { readonly word: string };
  readonly 'not-understood-in': { readonly word: string; readonly head: string };
  readonly 'no-beginning': { readonly word: string };
  /** Said in several ways by coaches; the readings stand with it. */
  readonly asked: { readonly word: string };
  /** Two moves with nothing between them. */
  readonly 'two-moves': { readonly one: string; readonly two: string };
  readonly 'bare-number': { readonly said: string; readonly word: string };
  readonly 'two-counts': { readonly one: string; readonly two: string };
  readonly 'said-twice': { readonly word: string; readonly head: string };
  readonly 'two-sizes': { readonly word: string };
  readonly 'two-feet': { readonly word: string };
  readonly strike: { readonly word: string };
  readonly 'name-taken': { readonly word: string };
  readonly 'count-alone': Nothing;
  readonly count: { readonly said: string; readonly most: number };
  readonly beat: { readonly least: number; readonly most: number };
  /** Of engines, the last one. */
  readonly engine: { readonly most: number };
  readonly 'named-size': Nothing;
  readonly 'takes-no-more': { readonly word: string };
  readonly 'only-partner': Nothing;
  /** A partner with a line of their own who is to follow as well. */
  readonly 'follows-or-does': Nothing;
  readonly 'takes-no-size': { readonly word: string };
  readonly 'takes-no-foot': { readonly word: string };
  readonly 'takes-side': { readonly word: string };
  readonly 'takes-no-way': { readonly word: string };
  readonly 'takes-no-name': { readonly word: string };
  readonly 'no-second-foot': Nothing;
  readonly 'no-own-time': Nothing;
  readonly opposite: { readonly one: string; readonly two: string };
  readonly 'fixed-way': { readonly word: string; readonly way: 'ahead' | 'back'; readonly other: string };
  readonly 'recover-way': Nothing;
  readonly 'needs-way': { readonly word: string };
  readonly 'corner-side': { readonly word: string };
  readonly 'turning-side': { readonly word: string };
  readonly 'needs-turn': { readonly word: string };
  readonly 'turns-far': { readonly word: string; readonly most: number; readonly degrees: number };
  readonly angle: Nothing;
  readonly each: Nothing;
  readonly 'names-foot': { readonly word: string };
  readonly 'size-large': { readonly said: string; readonly most: number };
  readonly 'size-none': { readonly said: string };
  readonly time: { readonly most: number };
  readonly 'hold-time': { readonly most: number };
  readonly 'step-time': { readonly least: number; readonly most: number };
  readonly 'after-plus': Nothing;
  readonly 'hit-time': Nothing;
  readonly 'hit-alone': Nothing;
  readonly 'hit-far': { readonly most: number };
  readonly 'hit-tie': Nothing;
}

export type NotationMessage = Said<NotationMessages>;

/** Everything that can be wrong with a dose. `said` is the clause as typed. */
export interface DoseMessages {
  readonly 'too-long': { readonly most: number };
  readonly empty: Nothing;
  readonly downwards: { readonly said: string };
  readonly 'under-one': { readonly said: string };
  readonly 'too-much': { readonly said: string; readonly most: number };
  readonly 'no-dose': { readonly said: string };
  readonly 'not-whole': { readonly said: string };
  readonly 'said-twice': { readonly said: string };
  readonly either: { readonly said: string };
  readonly 'bare-pair': { readonly said: string };
  readonly 'decimal-comma': { readonly said: string };
  readonly 'in-a-row': { readonly said: string };
  readonly 'uneven-sides': { readonly said: string };
  readonly 'chime-what': { readonly said: string };
  readonly ladder: { readonly said: string; readonly most: number };
  readonly chime: Nothing;
  readonly 'not-understood': { readonly said: string };
  readonly 'rest-no-time': { readonly said: string };
  readonly 'rest-negative': Nothing;
  readonly 'rest-long': Nothing;
}

export type DoseMessage = Said<DoseMessages>;

/** Everything that can be wrong with a line of a text file. */
export interface FileMessages {
  readonly 'too-long': { readonly most: number };
  readonly 'no-name': Nothing;
  readonly 'name-cut': { readonly most: number };
  readonly 'too-many': { readonly most: number };
  readonly 'steps-long': { readonly name: string; readonly most: number };
  readonly explain: { readonly said: string; readonly most: number };
  readonly stance: { readonly said: string };
  readonly hand: Nothing;
  readonly lead: Nothing;
  readonly closes: Nothing;
  readonly setting: { readonly said: string; readonly wanted: 'time' | 'water' | 'minutes' | 'number' };
  /** A field of a stage that is none of its values, and one that a pattern has no place for. */
  readonly 'stage-field': { readonly field: StageField; readonly said: string; readonly wanted: string };
  readonly 'stage-many': { readonly field: StageField; readonly most: number };
  readonly 'stage-only': { readonly field: StageField };
  readonly cued: { readonly said: string; readonly known: readonly string[] };
  /** Schools are the library's pattern's, and no stage's. */
  readonly 'pattern-only': Nothing;
}

export type FileMessage = Said<FileMessages>;
