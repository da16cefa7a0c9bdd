import type { Side } from '../body/foot.js';
import type { Direction, FootRef, Size, SplitStyle, TempoWord } from './ast.js';
import type { EventWord, SpotWord, ThingWord } from './floor-words.js';
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
  | 'once'
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
  | 'intended'
  | 'turning'
  | 'toe'
  | 'weight'
  | 'floor'
  | 'tall'
  | 'stance'
  | 'leading'
  | 'handed'
  | 'reach'
  | 'follows'
  | 'keep'
  | 'within'
  | 'reaction';

/** What a phrase says besides its move. */
export interface Composed {
  readonly move: MoveWord;
  readonly style?: SplitStyle;
  /** Of a turn without its side; of a bearing clockwise from the facing line. */
  readonly degrees?: number;
  readonly bearing?: number;
  /** Whether the foot that is named is the one that is freed, and the other one is meant. */
  readonly otherFoot?: true;
}

/**
 * The words of a line of steps: an argument of reading, printing and mirroring, so that a language, a sport or a club can bring
 * its own. What a word does is not said here: `moves.ts` and the grammar know meanings. One word has one meaning inside a step;
 * moves and events stand before all else. Plurals and hyphens need not be named.
 */
export interface Vocabulary {
  readonly moves: Sayings<MoveWord>;
  readonly events: Sayings<EventWord>;
  readonly things: Sayings<ThingWord>;
  readonly spots: Sayings<SpotWord>;
  /** Feet by what they do; the left and the right one are said as the directions are. */
  readonly feet: Sayings<Exclude<FootRef, 'left' | 'right'>>;
  readonly directions: Sayings<Direction>;
  readonly sizes: Sayings<Extract<Size['unit'], 'small' | 'even' | 'big'>>;
  readonly tempos: Sayings<TempoWord>;
  /** At most two words each. */
  readonly styles: Sayings<SplitStyle>;
  readonly units: Sayings<Extract<Size['unit'], 'cm' | 'm' | 'in' | 'ft' | 'shoe'>>;
  readonly keys: Sayings<KeyWord>;
  /** Feet in one word. */
  readonly feetAlone: Sayings<Side>;
  /** What hands do, without quotes. */
  readonly strikes: readonly string[];
  /** Strikes that are half steps where they go somewhere. */
  readonly feints: readonly string[];
  /** What is done with the body to get out of a strike's way: to a side, not with a hand. */
  readonly evasions: readonly string[];
  /** Strikes that are moves before a direction or a foot. */
  readonly eithers: Readonly<Record<string, MoveWord>>;
  /** Phrases that say a move and more. */
  readonly composed: Readonly<Record<string, Composed>>;
  /** Phrases that coaches mean in several ways, each with what may be meant, as it is typed. */
  readonly asked: Readonly<Record<string, readonly string[]>>;
  /** Phrases for moves of both feet that are another move where one foot is named. */
  readonly byFoot: Readonly<Record<string, MoveWord>>;
  /** Which way a toe is turned. */
  readonly toes: Sayings<'out' | 'in'>;
  /** Whole numbers from one on. */
  readonly numbers: readonly string[];
  /** Numbers that stand before what is done so often. */
  readonly multiples: Readonly<Record<string, number>>;
  /** What joins two steps, and what says nothing. */
  readonly and: readonly string[];
  readonly fillers: readonly string[];
  /** Phrases of a move that stays where it is. */
  readonly inPlace: readonly string[];
  /** What says nothing before a move or a size, and before a number. */
  readonly articles: readonly string[];
  readonly measured: readonly string[];
  /** Names that are directions where a move takes one. */
  readonly loosely: Readonly<Record<string, Direction>>;
  /** How a pattern begins to say the length of its beat: ‘beat of 0.6 s’. */
  readonly beatOf: string;
  /** How a pattern says that long steps take no longer than short ones: ‘tempo flat’. */
  readonly flatTempo: string;
  /** With which engine a pattern is stepped: ‘engine 1’. */
  readonly engine: string;
}
