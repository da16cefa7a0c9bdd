import { ExternalTokenizer, type InputStream } from '@lezer/lr';
import { ENGLISH_DOSES } from './dose-english.js';
import * as terms from './dose.terms.generated.js';
import type { DoseKey, DoseVocabulary } from './dose-vocabulary.js';
import { ENGLISH } from './english.js';
import { singularOf } from './lexicon.js';
import { at, isDigit, isSpace, pastSpaces, wordFrom } from './stream.js';
import type { Vocabulary } from './vocabulary.js';

const KEY_TERMS: Readonly<Record<DoseKey, number>> = {
  set: terms.SetKey,
  round: terms.RoundKey,
  times: terms.X,
  twice: terms.Twice,
  once: terms.Once,
  minutes: terms.Minutes,
  seconds: terms.Seconds,
  hours: terms.Hours,
  half: terms.Half,
  article: terms.Article,
  rest: terms.RestKey,
  off: terms.Off,
  on: terms.On,
  work: terms.WorkKey,
  no: terms.No,
  between: terms.Between,
  each: terms.Each,
  both: terms.Both,
  sides: terms.SideWord,
  leads: terms.SideWord,
  left: terms.Side,
  right: terms.Side,
  in: terms.In,
  all: terms.All,
  or: terms.Or,
  to: terms.To,
  at: terms.At,
  least: terms.Least,
  until: terms.UntilKey,
  comfortable: terms.Comfortable,
  every: terms.Every,
  cycle: terms.Cycle,
  end: terms.End,
  and: terms.And,
  bell: terms.Bell,
  ladder: terms.LadderKey,
  pyramid: terms.LadderKey,
  alternating: terms.AlternatingKey,
  count: terms.CountKey,
  down: terms.Down,
  countdown: terms.Countdown,
  aloud: terms.AloudKey,
  beats: terms.BeatsKey,
  challenge: terms.Challenge,
  ratio: terms.RatioKey,
  equal: terms.Equal,
  row: terms.Row,
  repetition: terms.Unit,
  double: terms.Unit,
  triple: terms.Unit,
  call: terms.Unit,
};

/** Words of doses by what they mean; with what a number in words is. */
interface DoseLexicon {
  readonly keyOf: (word: string) => DoseKey | null;
  readonly numberOf: (word: string) => number | null;
  readonly isTens: (word: string) => boolean;
  readonly isFiller: (word: string) => boolean;
  /** All of them, for the nearest one. */
  readonly words: readonly string[];
}

function doseLexicon({ numbers }: Vocabulary, doses: DoseVocabulary): DoseLexicon {
  const keys = new Map<string, DoseKey>();
  for (const [key, words] of Object.entries<readonly string[]>(doses.keys)) for (const word of words) keys.set(word, key as DoseKey);
  const values = new Map([...numbers.map((word, i) => [word, i + 1] as const), ...Object.entries({ ...doses.numbers, ...doses.tens })]);
  const fillers = new Set(doses.fillers);
  return {
    keyOf: (word) =>
      keys.get(word) ??
      singularOf(word)
        .map((one) => keys.get(one))
        .find((key) => key !== undefined) ??
      null,
    numberOf: (word) => values.get(word) ?? null,
    isTens: (word) => Object.hasOwn(doses.tens, word),
    isFiller: (word) => fillers.has(word),
    words: [...keys.keys()],
  };
}

/** The words that the parser is made with. */
export const ENGLISH_DOSE_LEXICON = doseLexicon(ENGLISH, ENGLISH_DOSES);
const { keyOf, numberOf, isTens, isFiller } = ENGLISH_DOSE_LEXICON;

/** What kind of word a word is in a dose, or −1. */
export function doseClass(typed: string): number {
  const word = typed.toLowerCase();
  const key = keyOf(word);
  if (key !== null) return KEY_TERMS[key];
  return isTens(word) ? terms.Tens : numberOf(word) === null ? -1 : terms.NumberWord;
}

const TIMES_OF: readonly (DoseKey | null)[] = ['minutes', 'seconds', 'hours'];
const SIDES_OF: readonly (DoseKey | null)[] = ['sides', 'leads'];

/** Whether something that can be done so often begins here: a number, a time, a bracket; or the work that a rest is so much of. */
function countable(input: InputStream, from: number): boolean {
  const start = pastSpaces(input, from);
  const first = at(input, start);
  if (isDigit(first) || first === '(' || first === '½' || /[-–—]/.test(first)) return true;
  const { word } = wordFrom(input, start);
  const key = keyOf(word);
  return numberOf(word) !== null || key === 'half' || key === 'article' || key === 'work' || isFiller(word);
}

/**
 * What a word says only in its place. Nothing: ‘of’, ‘a’ but before a unit of time or a side, ‘on’ before ‘each’, ‘in’ before ‘between’. A
 * number of times: ‘x’ with nothing behind it that is done so often.
 */
export const placed = new ExternalTokenizer((input) => {
  if (/[×*]/.test(at(input, 0))) {
    if (!countable(input, 1)) input.acceptToken(terms.XEnd, 1);
    return;
  }
  const { word, end } = wordFrom(input, 0);
  if (word === '') return;
  const key = keyOf(word);
  if (key === 'times' && !countable(input, end)) {
    input.acceptToken(terms.XEnd, end);
    return;
  }
  const behind = keyOf(wordFrom(input, pastSpaces(input, end)).word);
  const says =
    key === 'article'
      ? TIMES_OF.includes(behind) || SIDES_OF.includes(behind)
      : key === 'on'
        ? behind !== 'each' && behind !== 'both'
        : key === 'in'
          ? behind !== 'between'
          : !isFiller(word);
  if (!says) input.acceptToken(terms.Filler, end);
});

/** Where brackets that open here close: behind the closing one, or at the end. */
function blockEnd(input: InputStream): number {
  let depth = 0;
  let end = 0;
  do {
    if (at(input, end) === '(') depth++;
    else if (at(input, end) === ')') depth--;
    end++;
  } while (depth > 0 && at(input, end) !== '');
  return end;
}

/** Lines of steps inside a dose, which keep commas of their own: in brackets, and behind ‘alternating’ up to the next comma. */
export const raw = new ExternalTokenizer(
  (input, stack) => {
    const first = at(input, 0);
    if (stack.canShift(terms.Raw) && first !== '' && !isSpace(first)) {
      let end = 0;
      for (let depth = 0; at(input, end) !== '' && (depth > 0 || !/[,;\n]/.test(at(input, end))); end++) {
        if (at(input, end) === '(') depth++;
        else if (at(input, end) === ')') depth = Math.max(0, depth - 1);
      }
      if (end > 0) input.acceptToken(terms.Raw, end);
    } else if (first === '(' && stack.canShift(terms.Block)) input.acceptToken(terms.Block, blockEnd(input));
  },
  { contextual: true },
);
