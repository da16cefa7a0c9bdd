import type { Side } from '../../body/foot.js';
import type { Caution, Forbidden } from '../../body/caution.js';
import type { Nothing, Said } from '../../said.js';

/** Names of stages and elements that are built. `name` is the pattern's own; `line` is notation. */
export interface NameMessages {
  readonly own: { readonly name: string };
  readonly line: { readonly line: string };
  readonly 'stance-held': Nothing;
  readonly 'heel-raises': Nothing;
  /** One half of a gather: the foot, and its bearing in degrees clockwise from ahead. */
  readonly half: { readonly second: boolean; readonly foot: Side; readonly bearing: number };
  readonly 'way-back': Nothing;
  readonly beats: { readonly name: string };
  readonly 'whole-slow': { readonly name: string };
  readonly hardest: Nothing;
  readonly 'whole-again': { readonly name: string };
  readonly 'from-start': { readonly parts: number };
  readonly 'to-end': { readonly parts: number };
  readonly 'both-sides': { readonly name: string };
  readonly 'other-lead': { readonly name: string };
  readonly 'both-leads': { readonly name: string };
  readonly 'there-and-back': { readonly steps: number };
  readonly 'in-a-row': { readonly steps: number };
  readonly slow: { readonly name: string };
  readonly quick: { readonly name: string };
  readonly 'without-and-with': { readonly name: string };
  readonly 'called-in-order': { readonly name: string };
  readonly called: { readonly name: string };
  readonly fed: { readonly name: string };
  readonly partner: { readonly name: string };
  readonly pressed: { readonly name: string };
  readonly role: { readonly book: string };
  readonly 'role-open': Nothing;
  readonly free: { readonly name: string };
  readonly remedy: { readonly fault: string };
}

export type NameMessage = Said<NameMessages>;

/** Why a stage or an element was not made. */
export interface LeftOutMessages {
  readonly 'no-ending': Nothing;
  readonly 'other-stance': Nothing;
  readonly 'other-lead': Nothing;
  /** The other side of steps that have none. */
  readonly 'no-side': Nothing;
  readonly caution: { readonly caution: Caution; readonly what: Forbidden };
  readonly mastered: Nothing;
  readonly 'no-playbook': Nothing;
  readonly 'no-chance': { readonly fault: string };
}

/** A stage or an element that was not made, and why. */
export type LeftOut = Said<LeftOutMessages> & { readonly name: NameMessage };
