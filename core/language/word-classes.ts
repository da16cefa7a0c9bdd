import { ExternalTokenizer, type InputStream } from '@lezer/lr';
import { ENGLISH } from './english.js';
import { lexiconOf } from './lexicon.js';
import * as terms from './pattern.terms.generated.js';
import type { KeyWord, Vocabulary } from './vocabulary.js';

const KEY_TERMS: Readonly<Record<KeyWord, number>> = {
  foot: terms.FootKey,
  first: terms.First,
  in: terms.In,
  ms: terms.Ms,
  seconds: terms.Seconds,
  beats: terms.Seconds,
  degrees: terms.DegreeKey,
  times: terms.TimesKey,
  x: terms.XKey,
  twice: terms.Twice,
  step: terms.StepKey,
  then: terms.ThenKey,
  to: terms.To,
  short: terms.ShortKey,
  at: terms.AtKey,
  every: terms.EveryKey,
  each: terms.EachKey,
  side: terms.StepSide,
  mirrored: terms.MirroredKey,
  doing: terms.DoingKey,
  on: terms.On,
  after: terms.TieKey,
  before: terms.TieKey,
  with: terms.TieKey,
  start: terms.Anchor,
  landing: terms.Anchor,
  home: terms.HomeKey,
  intended: terms.IntendedKey,
};

/** What kind of word a name is inside a step, or −1; for the parser of a vocabulary. */
export function wordClassOf(vocabulary: Vocabulary): (word: string) => number {
  const { feet, directions, tempos, sizes, styles, units, things, keys } = lexiconOf(vocabulary);
  const classes = new Map<string, number>();
  const all = (words: Iterable<string>, term: number): void => {
    for (const word of words) classes.set(word, term);
  };
  all(feet.keys(), terms.FootName);
  for (const [word, way] of directions) classes.set(word, way === 'left' || way === 'right' ? terms.Side : terms.Along);
  all(tempos.keys(), terms.TempoWord);
  all(sizes.keys(), terms.SizeWord);
  for (const style of styles.keys()) all(style.split(' '), terms.StyleWord);
  all(units.keys(), terms.Unit);
  all(things.keys(), terms.Thing);
  // A unit that is also the word before a time (‘in’) is read as either.
  for (const [word, key] of keys) classes.set(word, KEY_TERMS[key]);
  return (word) => classes.get(word.toLowerCase()) ?? -1;
}

const isLetter = (code: number): boolean => code > 0x20 && /[\p{L}\p{M}'’_-]/u.test(String.fromCodePoint(code));
const isSpace = (code: number): boolean => code === 0x20 || code === 9 || code === 0xa0;

/** Moves and events may be several words that belong together: the longest that is known is taken. */
export function phrasesOf(vocabulary: Vocabulary): ExternalTokenizer {
  const { moves, events } = lexiconOf(vocabulary);
  const known = new Map<string, number>();
  for (const word of moves.keys()) known.set(word, terms.Move);
  for (const word of [...events.keys(), vocabulary.beatOf]) known.set(word, terms.Event);
  const longest = Math.max(...[...known.keys()].map((phrase) => phrase.split(' ').length));
  return new ExternalTokenizer((input: InputStream) => {
    let text = '';
    let found: { term: number; length: number } | null = null;
    let length = 0;
    for (let words = 0; words < longest; words++) {
      const start = length;
      // Space belongs to a phrase only between its words.
      while (words > 0 && isSpace(input.peek(length))) length++;
      if (words > 0 && length === start) break;
      let word = '';
      for (let code = input.peek(length); code >= 0 && isLetter(code); code = input.peek(length)) {
        word += String.fromCharCode(code);
        length++;
      }
      if (word === '') break;
      text = text === '' ? word.toLowerCase() : `${text} ${word.toLowerCase()}`;
      const term = known.get(text);
      if (term !== undefined) found = { term, length };
    }
    if (found) input.acceptToken(found.term, found.length);
  });
}

/** What the generated parser is made with. */
export const wordClass = wordClassOf(ENGLISH);
export const phrases = phrasesOf(ENGLISH);
