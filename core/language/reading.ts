import type { Errors } from './errors.js';
import type { Lexicon } from './lexicon.js';

/** A line while it is read. */
export interface Reading {
  readonly text: string;
  readonly errors: Errors;
  readonly lexicon: Lexicon;
  /** Names that the line, or the club, gave to a strike alone, each with the strike. */
  readonly strikes: Map<string, string>;
  /** Whether directions are the hall's from here on. */
  floor: boolean;
  /** Seconds of a beat, from where the line says so. */
  beat: number;
}

/** Seconds of a beat where the pattern says none: 120 a minute (common practice, no source). */
export const USUAL_BEAT = 0.5;
