import type { Side } from '../body/foot.js';
import type { Aim, Direction, FootRef, Size, SplitStyle, TempoWord } from './ast.js';
import { TO_A_SIDE, type EventWord, type SpotWord, type ThingWord } from './floor-words.js';
import type { MoveWord } from './moves.js';
import type { Composed, KeyWord, Sayings, Vocabulary } from './vocabulary.js';

/** A vocabulary as a reader looks it up: what each word means. Words as `wordOf` has them. */
export interface Lexicon {
  readonly vocabulary: Vocabulary;
  /** With plurals and hyphens. */
  readonly moves: ReadonlyMap<string, MoveWord>;
  readonly events: ReadonlyMap<string, EventWord>;
  readonly things: ReadonlyMap<string, ThingWord>;
  /** Places of floors, with the side where it is said inside the phrase: ‘rear forehand corner’. */
  readonly spots: ReadonlyMap<string, Pick<Aim, 'side'> & { readonly spot: SpotWord }>;
  readonly feet: ReadonlyMap<string, FootRef>;
  readonly directions: ReadonlyMap<string, Direction>;
  readonly sizes: ReadonlyMap<string, 'small' | 'even' | 'big'>;
  readonly tempos: ReadonlyMap<string, TempoWord>;
  readonly styles: ReadonlyMap<string, SplitStyle>;
  readonly units: ReadonlyMap<string, Size['unit']>;
  readonly keys: ReadonlyMap<string, KeyWord>;
  readonly feetAlone: ReadonlyMap<string, Side>;
  readonly numbers: ReadonlyMap<string, number>;
  /** Each strike by how it may be spelled. */
  readonly strikes: ReadonlyMap<string, string>;
  readonly composed: ReadonlyMap<string, Composed>;
  readonly asked: ReadonlyMap<string, readonly string[]>;
  readonly byFoot: ReadonlyMap<string, MoveWord>;
  readonly toes: ReadonlyMap<string, 'out' | 'in'>;
  /** Words that a line cannot give another meaning: those that are printed. */
  readonly own: ReadonlySet<string>;
  /** The moves as they are printed, and what may be heard inside a step: for what is expected, and for the nearest word. */
  readonly heads: readonly string[];
  readonly inStep: readonly string[];
}

/** Words as the tables have them: small letters, one space. */
export function wordOf(text: string): string {
  const small = text.toLowerCase();
  // Nearly all have none but single spaces.
  return /[^\S ]| {2}/.test(small) ? small.replace(/\s+/g, ' ') : small;
}

/** @example printed(ENGLISH.moves)[0] // 'square up' */
export const printed = (sayings: Sayings<string>): string[] => Object.values(sayings).map(([first]) => first);

function byWord<Meaning extends string>(sayings: Sayings<Meaning>): Map<string, Meaning> {
  const meanings = Object.entries<readonly string[]>(sayings) as [Meaning, readonly string[]][];
  return new Map(meanings.flatMap(([meaning, words]) => words.map((word): [string, Meaning] => [word, meaning])));
}

/** A phrase as it may be spelled: with hyphens, and several of it. */
function spellings(phrase: string): string[] {
  const plural = /(?:s|x|ch|sh)$/.test(phrase) ? `${phrase}es` : /[^aeiou]y$/.test(phrase) ? `${phrase.slice(0, -1)}ies` : `${phrase}s`;
  return [phrase, plural].flatMap((one) => (one.includes(' ') ? [one, one.replaceAll(' ', '-')] : [one]));
}

/**
 * What a word may be several of, the likeliest first.
 * @example singularOf('punches') // ['punche', 'punch']
 */
export const singularOf = (word: string): string[] =>
  [word.replace(/ies$/, 'y'), word.replace(/s$/, ''), word.replace(/es$/, '')].filter((one) => one !== word && one !== '');

/** What phrases mean, however they are spelled; what is said in so many words goes before. */
function spelled<Meaning>(phrases: Iterable<readonly [string, Meaning]>): Map<string, Meaning> {
  const said = [...phrases];
  return new Map([...said.flatMap(([phrase, meaning]) => spellings(phrase).map((one) => [one, meaning] as const)), ...said]);
}

/** Places with their sides: those that lie to one are said with it before them or before their last word. */
function spotsOf({ spots, feet, directions, keys }: Vocabulary): Lexicon['spots'] {
  const sides: [Exclude<Aim['side'], null>, readonly string[]][] = [
    ['left', directions.left],
    ['right', directions.right],
    ['playing', feet.playing],
    ['other', feet.other],
  ];
  const found = new Map([...byWord(spots)].map(([phrase, spot]) => [phrase, { spot, side: null as Aim['side'] }]));
  for (const [phrase, { spot }] of [...found]) {
    const [first = '', last = '', ...more] = phrase.split(' ');
    if (!TO_A_SIDE.includes(spot) || more.length > 0) continue;
    for (const [side, words] of sides)
      for (const word of words.flatMap((one) => [one, `${one} ${keys.side[0]}`]))
        for (const said of [`${word} ${phrase}`, `${first} ${word} ${last}`]) found.set(said, { spot, side });
  }
  return found;
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
    moves: spelled(byWord(vocabulary.moves)),
    events: byWord(vocabulary.events),
    things: byWord(vocabulary.things),
    spots: spotsOf(vocabulary),
    feet: byWord({ ...sides, ...feet }),
    directions: byWord(directions),
    sizes: byWord(vocabulary.sizes),
    tempos: byWord(vocabulary.tempos),
    styles: byWord(vocabulary.styles),
    units: byWord(vocabulary.units),
    keys: byWord(keys),
    feetAlone: byWord(vocabulary.feetAlone),
    numbers: new Map([...vocabulary.numbers.map((word, i) => [word, i + 1] as const), ...Object.entries(vocabulary.multiples)]),
    strikes: spelled(vocabulary.strikes.map((word) => [word, word] as const)),
    composed: spelled(Object.entries(vocabulary.composed)),
    asked: spelled(Object.entries(vocabulary.asked)),
    byFoot: spelled(Object.entries(vocabulary.byFoot)),
    toes: byWord(vocabulary.toes),
    own: new Set([
      ...[vocabulary.moves, vocabulary.events, vocabulary.things, vocabulary.feet, vocabulary.sizes, vocabulary.tempos].flatMap(printed),
      ...[vocabulary.directions, vocabulary.styles, vocabulary.units, vocabulary.keys].flatMap(printed),
    ]),
    heads: printed(vocabulary.moves),
    inStep: [
      ...printed(sides),
      ...printed(feet),
      ...printed({ ahead: directions.ahead, back: directions.back }),
      ...key('foot', 'first'),
      ...printed(vocabulary.sizes),
      ...printed(vocabulary.tempos),
      ...new Set(printed(vocabulary.styles).flatMap((style) => style.split(' '))),
      ...key('in', 'then', 'to', 'turning', 'toe', 'weight'),
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
