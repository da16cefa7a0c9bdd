import type { Span } from './tokens.js';

/** A foot as a coach names it. Only 'left' and 'right' change when a pattern is mirrored. */
export type FootRef = 'left' | 'right' | 'lead' | 'rear' | 'near' | 'far' | 'playing' | 'other';

/** A size as written. 'own' is a multiple of the move's usual size on this body. */
export interface Size {
  readonly value: number;
  readonly unit: 'cm' | 'm' | 'in' | 'ft' | 'shoe' | 'own' | 'small' | 'even' | 'big';
}

/** How fast: a factor on the usual time, or seconds for the whole step. */
export type Tempo = { readonly factor: number } | { readonly seconds: number };

/** A hit or named strike tied to a foot action, by so many milliseconds (negative: before). */
export interface Hand {
  readonly word: string;
  readonly tie: 'start' | 'landing';
  readonly offsetMs: number;
  readonly span: Span;
}

export type Act =
  | {
      readonly move: 'gather';
      readonly word: 'advance' | 'retreat' | 'shuffle';
      readonly bearing: number;
      readonly size: Size | null;
      readonly first: FootRef | null;
    }
  | { readonly move: 'meet'; readonly word: 'chassé' | 'gallop'; readonly bearing: number; readonly size: Size | null }
  | { readonly move: 'half step'; readonly bearing: number; readonly size: Size | null; readonly foot: FootRef | null }
  | { readonly move: 'pendulum'; readonly bearing: number; readonly size: Size | null }
  | {
      readonly move: 'pass';
      readonly word: 'pass' | 'shift' | 'back step';
      readonly bearing: number;
      readonly size: Size | null;
      readonly foot: FootRef | null;
    }
  | { readonly move: 'switch'; readonly bearing: number; readonly size: Size | null }
  | { readonly move: 'jump'; readonly bearing: number; readonly size: Size | null }
  | { readonly move: 'square up' }
  | { readonly move: 'split'; readonly style: SplitStyle }
  | { readonly move: 'pivot'; readonly foot: FootRef; readonly turn: number }
  | { readonly move: 'lunge'; readonly bearing: number; readonly size: Size | null; readonly foot: FootRef | null }
  | { readonly move: 'recover'; readonly way: 'back' | 'ahead' }
  | { readonly move: 'hold'; readonly seconds: number }
  | { readonly move: 'hand'; readonly word: string };

export type SplitStyle = 'drop' | 'low hop' | 'high hop';

export interface Step {
  readonly kind: 'step';
  readonly act: Act;
  readonly times: number;
  readonly tempo: Tempo | null;
  readonly hands: readonly Hand[];
  readonly span: Span;
}

export interface Group {
  readonly kind: 'group';
  readonly items: readonly Item[];
  readonly times: number;
  readonly span: Span;
}

export type Item = Step | Group;

/** What is wrong with a piece of text, where, what was expected there, and the nearest known word. */
export interface NotationError extends Span {
  readonly message: string;
  readonly line: number;
  readonly column: number;
  readonly expected: readonly string[];
  readonly nearest: string | null;
}

/** Everything that could be read. Errors do not lose the rest of the line. */
export interface Parsed {
  readonly items: readonly Item[];
  readonly errors: readonly NotationError[];
}
