import type { Side } from '../body/foot.js';
import type { ProblemMessages } from '../motion/messages.js';
import type { Nothing, Said } from '../said.js';

/** A moment against a window: seconds; negative is before. */
interface Against {
  readonly offset: number;
  readonly from: number;
  readonly to: number;
}

/** Every finding that can be made, and the numbers and names in it. Metres, seconds, degrees, shares. */
export interface FindingMessages extends ProblemMessages {
  readonly crossed: { readonly by: number };
  readonly touching: Nothing;
  readonly passed: { readonly foot: Side; readonly by: number };
  /** `wide` is negative where the feet come past one line. */
  readonly narrow: { readonly wide: number; readonly least: number; readonly underWay: boolean };
  /** Along the facing line. */
  readonly short: { readonly long: number; readonly least: number };
  readonly wide: { readonly by: number; readonly allowed: number };
  readonly 'not-closed': { readonly right: number; readonly ahead: number; readonly turned: number };
  readonly 'lead-changed': { readonly leads: Side | null };
  readonly 'strike-early': Against & { readonly hand: string };
  readonly 'strike-late': Against & { readonly hand: string };
  /** A stroke of a step that is no lunge; `limit` is the end of its window that it misses. */
  readonly 'strike-off': { readonly hand: string; readonly offset: number; readonly limit: number };
  readonly 'way-back-stops': { readonly seconds: number };
  readonly 'split-away': { readonly off: number };
  readonly 'counter-steps-in': { readonly hand: string };
  readonly 'wrong-foot': { readonly foot: Side };
  readonly 'no-split': { readonly event: string; readonly at: number };
  readonly 'split-early': Against & { readonly event: string };
  readonly 'split-late': Against & { readonly event: string };
  readonly 'split-waits': { readonly seconds: number; readonly most: number };
  readonly 'square-to-net': { readonly off: number; readonly least: number };
  readonly 'wrong-leg': { readonly foot: Side };
  readonly 'out-of-area': { readonly foot: Side; readonly by: number; readonly area: string };
  readonly 'low-ceiling': { readonly by: number };
  readonly 'through-thing': { readonly foot: Side; readonly by: number; readonly thing: string };
  readonly 'too-close': { readonly gap: number; readonly least: number };
  readonly 'too-far': { readonly gap: number; readonly most: number };
  readonly 'turned-away': { readonly gap: number; readonly off: number };
  readonly 'on-the-line': { readonly off: number; readonly out: number };
  readonly 'call-early': { readonly seconds: number; readonly move: string; readonly away: number };
  readonly 'no-approach': Nothing;
  readonly 'retreats-on': Nothing;
  readonly 'way-back-misfit': { readonly shot: string; readonly asked: number; readonly steps: number };
  readonly 'way-back-first': { readonly move: string; readonly wanted: string };
  readonly 'split-frame': { readonly missing: readonly ('begin' | 'end')[] };
  readonly 'loaded-first': { readonly foot: Side; readonly share: number };
  readonly 'back-step-loaded': { readonly share: number };
  readonly 'unset-strike': { readonly hand: string };
  readonly 'not-in-guard': Nothing;
  readonly 'block-turns': Nothing;
  readonly 'set-up-uncrossed': Nothing;
  readonly 'side-jump-unfinished': Nothing;
  readonly 'quarter-opposed': Nothing;
  readonly 'slip-side': { readonly slipped: Side };
  readonly 'one-tempo': Nothing;
  readonly 'one-crossover': Nothing;
  readonly 'leave-line': Nothing;
  readonly 'scissor-sideways': Nothing;
  /** `intended` is what was written; `known` whether it is a finding at all. */
  readonly 'did-not-occur': { readonly intended: string; readonly known: boolean };
}

export type FindingMessage = Said<FindingMessages>;
