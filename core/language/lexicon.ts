import type { Direction, FootRef, Size, SplitStyle, TempoWord } from './ast.js';
import type { EventWord, ThingWord } from './floor-words.js';
import type { MoveWord } from './moves.js';
import type { KeyWord, Sayings, Vocabulary } from './vocabulary.js';

/** A vocabulary as a reader looks it up: what each word means. Words as `wordOf` has them. */
export interface Lexicon {
  readonly vocabulary: Vocabulary;
  readonly moves: ReadonlyMap<string, MoveWord>;
  readonly events: ReadonlyMap<string, EventWord>;
  readonly things: ReadonlyMap<string, ThingWord>;
  readonly feet: ReadonlyMap<string, FootRef>;
  readonly directions: ReadonlyMap<string, Direction>;
  readonly sizes: ReadonlyMap<string, 'small' | 'even' | 'big'>;
  readonly tempos: ReadonlyMap<string, TempoWord>;
  readonly styles: ReadonlyMap<string, SplitStyle>;
  readonly units: ReadonlyMap<string, Size['unit']>;
  readonly keys: ReadonlyMap<string, KeyWord>;
  /** The moves as they are printed, and what may be heard inside a step: for what is expected, and for the nearest word. */
  readonly heads: readonly string[];
  readonly inStep: readonly string[];
}

/** Words as the tables have them: small letters, one space. */
export const wordOf = (text: string): string => text.toLowerCase().replace(/[\s\u{a0}]+/gu, ' ');

/** @example printed(ENGLISH.moves)[0] // 'square up' */
export const printed = (sayings: Sayings<string>): string[] => Object.values(sayings).map(([first]) => first);

function byWord<Meaning extends string>(sayings: Sayings<Meaning>): Map<string, Meaning> {
  const meanings = Object.entries<readonly string[]>(sayings) as [Meaning, readonly string[]][];
  return new Map(meanings.flatMap(([meaning, words]) => words.map((word): [string, Meaning] => [word, meaning])));
}

const made = new WeakMap<Vocabulary, Lexicon>();

/** The words of a vocabulary by what they mean; made once for each. */
export function lexiconOf(vocabulary: Vocabulary): Lexicon {
  const known = made.get(vocabulary);
  if (known) return known;
  const { directions, keys, feet } = vocabulary;
  const sides = { left: directions.left, right: directions.right };
  const key = (...words: KeyWord[]): string[] => words.map((word) => keys[word][0]);
  const [each] = keys.each;
  const lexicon: Lexicon = {
    vocabulary,
    moves: byWord(vocabulary.moves),
    events: byWord(vocabulary.events),
    things: byWord(vocabulary.things),
    feet: byWord({ ...sides, ...feet }),
    directions: byWord(directions),
    sizes: byWord(vocabulary.sizes),
    tempos: byWord(vocabulary.tempos),
    styles: byWord(vocabulary.styles),
    units: byWord(vocabulary.units),
    keys: byWord(keys),
    heads: printed(vocabulary.moves),
    inStep: [
      ...printed(sides),
      ...printed(feet),
      ...printed({ ahead: directions.ahead, back: directions.back }),
      ...key('foot', 'first'),
      ...printed(vocabulary.sizes),
      ...printed(vocabulary.tempos),
      ...new Set(printed(vocabulary.styles).flatMap((style) => style.split(' '))),
      ...key('in', 'then', 'to'),
      vocabulary.moves.hit[0],
      ...key('after', 'before', 'with', 'start', 'landing', 'twice'),
      `${each} ${keys.side[0]}`,
      `${each} ${feet.lead[0]}`,
      ...key('mirrored'),
    ],
  };
  made.set(vocabulary, lexicon);
  return lexicon;
}
