import { ExternalTokenizer, type InputStream } from '@lezer/lr';
import { EVENT_WORDS, THING_WORDS } from './floor-words.js';
import { MOVE_WORDS, SPELLINGS } from './moves.js';
import { BEARINGS, FOOT_WORDS, SIZE_WORDS, TEMPO_WORDS, UNITS } from './words.js';
import * as terms from './pattern.terms.generated.js';

/** Another word for the partner on the floor. */
export const THING_SPELLINGS: Readonly<Record<string, (typeof THING_WORDS)[number]>> = { opponent: 'partner' };

const CLASSES: ReadonlyMap<string, number> = new Map<string, number>([
  ...FOOT_WORDS.map((word): [string, number] => [word, terms.FootName]),
  ...Object.keys(BEARINGS).map((word): [string, number] => [word, Math.abs(BEARINGS[word] ?? 0) === 90 ? terms.Side : terms.Along]),
  ...Object.keys(TEMPO_WORDS).map((word): [string, number] => [word, terms.TempoWord]),
  ...SIZE_WORDS.map((word): [string, number] => [word, terms.SizeWord]),
  ...['drop', 'low', 'high', 'hop', 'several'].map((word): [string, number] => [word, terms.StyleWord]),
  ...Object.keys(UNITS).map((word): [string, number] => [word, word === 'in' ? terms.In : terms.Unit]),
  ...[...THING_WORDS, ...Object.keys(THING_SPELLINGS)].map((word): [string, number] => [word, terms.Thing]),
  ['foot', terms.FootKey],
  ['first', terms.First],
  ['ms', terms.Ms],
  ['s', terms.Seconds],
  ['beat', terms.Seconds],
  ['beats', terms.Seconds],
  ['deg', terms.DegreeKey],
  ['degrees', terms.DegreeKey],
  ['times', terms.TimesKey],
  ['x', terms.XKey],
  ['twice', terms.Twice],
  ['step', terms.StepKey],
  ['then', terms.ThenKey],
  ['to', terms.To],
  ['short', terms.ShortKey],
  ['at', terms.AtKey],
  ['every', terms.EveryKey],
  ['each', terms.EachKey],
  ['side', terms.StepSide],
  ['mirrored', terms.MirroredKey],
  ['doing', terms.DoingKey],
  ['on', terms.On],
  ['after', terms.TieKey],
  ['before', terms.TieKey],
  ['with', terms.TieKey],
  ['start', terms.Anchor],
  ['landing', terms.Anchor],
  ['home', terms.HomeKey],
  ['intended', terms.IntendedKey],
]);

/** What kind of word a name is inside a step, or −1. */
export const wordClass = (word: string): number => CLASSES.get(word.toLowerCase()) ?? -1;

/** How a pattern says the length of its beat: ‘beat of 0.6 s’. */
export const BEAT_HEAD = 'beat of';

const PHRASES: ReadonlyMap<string, number> = new Map<string, number>([
  ...[...MOVE_WORDS, ...Object.keys(SPELLINGS)].map((word): [string, number] => [word, terms.Move]),
  ...EVENT_WORDS.map((word): [string, number] => [word, terms.Event]),
  [BEAT_HEAD, terms.Event],
]);
const LONGEST = Math.max(...[...PHRASES.keys()].map((phrase) => phrase.split(' ').length));

const isLetter = (code: number): boolean => code > 0x20 && /[\p{L}\p{M}'’_-]/u.test(String.fromCodePoint(code));
const isSpace = (code: number): boolean => code === 0x20 || code === 9 || code === 0xa0;

/** Moves and events may be several words that belong together: the longest that is known is taken. */
export const phrases = new ExternalTokenizer((input: InputStream) => {
  let text = '';
  let found: { term: number; length: number } | null = null;
  let length = 0;
  for (let words = 0; words < LONGEST; words++) {
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
    const term = PHRASES.get(text);
    if (term !== undefined) found = { term, length };
  }
  if (found) input.acceptToken(found.term, found.length);
});
