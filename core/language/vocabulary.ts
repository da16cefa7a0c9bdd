import type { Direction, FootRef, Size, SplitStyle, TempoWord } from './ast.js';
import type { EventWord, ThingWord } from './floor-words.js';
import type { MoveWord } from './moves.js';

/** For each meaning the words that say it; the first is the one that is printed. Small letters, several words with one space. */
export type Sayings<Meaning extends string> = Readonly<Record<Meaning, readonly [string, ...string[]]>>;

/** What the grammar hangs a line together by. */
export type KeyWord =
  | 'foot'
  | 'first'
  | 'in'
  | 'ms'
  | 'seconds'
  | 'beats'
  | 'degrees'
  | 'times'
  | 'x'
  | 'twice'
  | 'step'
  | 'then'
  | 'to'
  | 'short'
  | 'at'
  | 'every'
  | 'each'
  | 'side'
  | 'mirrored'
  | 'doing'
  | 'on'
  | 'after'
  | 'before'
  | 'with'
  | 'start'
  | 'landing'
  | 'home'
  | 'intended';

/**
 * The words of a line of steps: an argument of reading, printing and mirroring, so that a language, a sport or a club can bring
 * its own. What a word does is not said here: `moves.ts` and the grammar know meanings. One word has one meaning inside a step;
 * moves and events stand before all else.
 */
export interface Vocabulary {
  readonly moves: Sayings<MoveWord>;
  readonly events: Sayings<EventWord>;
  readonly things: Sayings<ThingWord>;
  /** Feet by what they do; the left and the right one are said as the directions are. */
  readonly feet: Sayings<Exclude<FootRef, 'left' | 'right'>>;
  readonly directions: Sayings<Direction>;
  readonly sizes: Sayings<Extract<Size['unit'], 'small' | 'even' | 'big'>>;
  readonly tempos: Sayings<TempoWord>;
  /** At most two words each. */
  readonly styles: Sayings<SplitStyle>;
  readonly units: Sayings<Extract<Size['unit'], 'cm' | 'm' | 'in' | 'ft' | 'shoe'>>;
  readonly keys: Sayings<KeyWord>;
  /** How a pattern begins to say the length of its beat: ‘beat of 0.6 s’. */
  readonly beatOf: string;
}
