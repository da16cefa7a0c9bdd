import { ExternalTokenizer, type InputStream, type Stack } from '@lezer/lr';
import { ENGLISH } from './english.js';
import { lexiconOf, wordOf } from './lexicon.js';
import { NOTATION_LIMITS } from './limits.js';
import * as terms from './pattern.terms.generated.js';
import { at, isDigit, isLetter, isSpace, pastSpaces, wordBefore, wordFrom } from './stream.js';
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
  once: terms.Twice,
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
  turning: terms.TurningKey,
  toe: terms.ToeKey,
  weight: terms.WeightKey,
  floor: terms.FloorKey,
  tall: terms.OtherKey,
  stance: terms.OtherKey,
  leading: terms.OtherKey,
  handed: terms.OtherKey,
  reach: terms.OtherKey,
  follows: terms.OtherKey,
  keep: terms.OtherKey,
  within: terms.OtherKey,
  reaction: terms.OtherKey,
};

/** What parts two steps, or begins a bracket. */
const SEPARATORS = /[,;·→\n/.(|[]/;
/** Characters of an event's phrase, at most. */
const LONGEST_EVENT = 48;

/** What kind of word a name is inside a step, or −1; for the parser of a vocabulary. */
export function wordClassOf(vocabulary: Vocabulary): (word: string) => number {
  const { feet, feetAlone, directions, tempos, sizes, styles, units, things, numbers, keys } = lexiconOf(vocabulary);
  const classes = new Map<string, number>();
  const all = (words: Iterable<string>, term: number): void => {
    for (const word of words) classes.set(word, term);
  };
  all(feet.keys(), terms.FootName);
  all(feetAlone.keys(), terms.FootAlone);
  for (const [word, way] of directions) classes.set(word, way === 'left' || way === 'right' ? terms.Side : terms.Along);
  all(tempos.keys(), terms.TempoWord);
  all(sizes.keys(), terms.SizeWord);
  for (const style of styles.keys()) all(style.split(' '), terms.StyleWord);
  all(units.keys(), terms.Unit);
  all(things.keys(), terms.Thing);
  all(numbers.keys(), terms.NumberWord);
  // A unit that is also the word before a time (‘in’) is read as either.
  for (const [word, key] of keys) classes.set(word, KEY_TERMS[key]);
  // ‘forward-left’ is a direction too.
  const joined = (word: string): boolean => word.includes('-') && word.split('-').every((one) => directions.has(one));
  return (typed) => {
    const word = typed.toLowerCase();
    return classes.get(word) ?? (joined(word) ? terms.Along : -1);
  };
}

/** Whether a branch begins here: only there can its name stand. */
function behindBracket(input: InputStream): boolean {
  let back = -1;
  while (isSpace(at(input, back))) back--;
  return '([|'.includes(at(input, back));
}

/** Where a branch's name ends that begins here, behind its colon; 0 where none does. */
function nameEnd(input: InputStream): number {
  if (!isLetter(at(input, 0)) && !isDigit(at(input, 0))) return 0;
  for (let end = 1; end <= NOTATION_LIMITS.name; end++) {
    const one = at(input, end);
    if (one === ':') return end + 1;
    if (!isLetter(one) && !isDigit(one) && !isSpace(one)) return 0;
  }
  return 0;
}

/**
 * Moves, events, strikes and all else that a word says only in its place: the longest phrase is taken that fits there. So ‘step’ begins a
 * step or belongs to a size, ‘cut’ is a move where one begins and a strike behind ‘+’, and ‘then’ parts two steps where a step follows.
 */
export function phrasesOf(vocabulary: Vocabulary): ExternalTokenizer {
  const { moves, events, strikes, directions, feet, feetAlone, sizes, tempos, keys, units, things, spots, numbers, composed, asked, own } =
    lexiconOf(vocabulary);
  const classOf = wordClassOf(vocabulary);
  const known = new Map<string, number[]>();
  for (const phrase of [...moves.keys(), ...composed.keys(), ...asked.keys()]) known.set(phrase, [terms.Move]);
  for (const phrase of [...events.keys(), vocabulary.beatOf, vocabulary.flatTempo, vocabulary.engine]) known.set(phrase, [terms.Event]);
  for (const phrase of spots.keys()) known.set(phrase, [terms.Spot]);
  for (const phrase of tempos.keys()) if (phrase.includes(' ')) known.set(phrase, [terms.TempoPhrase]);
  for (const phrase of vocabulary.inPlace) known.set(phrase, [terms.InPlace]);
  for (const phrase of strikes.keys()) known.set(phrase, [...(known.get(phrase) ?? []), terms.HandWord]);
  /** How many words the longest phrase has that begins with a word. */
  const longest = new Map<string, number>();
  for (const phrase of [...known.keys(), ...Object.keys(vocabulary.eithers)]) {
    const [first = '', ...more] = phrase.split(' ');
    longest.set(first, Math.max(longest.get(first) ?? 0, more.length + 1));
  }
  const [and, then] = [new Set(vocabulary.and), new Set([...keys].flatMap(([word, key]) => (key === 'then' ? [word] : [])))];
  const [articles, measured] = [new Set(vocabulary.articles), new Set(vocabulary.measured)];
  const [fillers, eithers] = [new Set(vocabulary.fillers), new Map(Object.entries(vocabulary.eithers))];
  const measures = new Set([
    ...units.keys(),
    ...[...keys].flatMap(([word, key]) => (['seconds', 'beats', 'ms', 'degrees'].includes(key) ? [word] : [])),
  ]);
  const [ties, footWords] = [new Set([...vocabulary.keys.on, ...vocabulary.keys.with]), new Set(vocabulary.keys.foot)];
  const sides = new Set([...vocabulary.directions.left, ...vocabulary.directions.right]);
  const isHand = (word: string): boolean =>
    strikes.has(word) || moves.get(word) === 'hit' || word.split('-').every((one) => strikes.has(one));
  const isPart = (word: string): boolean =>
    directions.has(word) || feet.has(word) || feetAlone.has(word) || sizes.has(word) || tempos.has(word);

  /** ‘1,5 m’: a comma between two digits, with a measure behind. */
  const decimal = (input: InputStream): number => {
    let end = 0;
    while (isDigit(at(input, end))) end++;
    if (end === 0 || at(input, end) !== ',' || !isDigit(at(input, end + 1))) return 0;
    end++;
    while (isDigit(at(input, end))) end++;
    const next = pastSpaces(input, end);
    return measures.has(wordFrom(input, next).word) || at(input, next) === '°' ? end : 0;
  };

  /** Whether a word is a move, or begins a phrase that is one. */
  const beginsMove = (word: string): boolean => known.get(word)?.includes(terms.Move) ?? false;

  /** Whether what follows ‘then’ belongs to the step before it: a size, a time, a foot, a direction. */
  const goesOn = (input: InputStream, from: number): boolean => {
    let next = pastSpaces(input, from);
    if (isDigit(at(input, next)) || at(input, next) === '.') {
      while (isDigit(at(input, next)) || at(input, next) === '.') next++;
      const behind = wordFrom(input, pastSpaces(input, next)).word;
      return !known.has(behind);
    }
    const { word, end } = wordFrom(input, next);
    const key = keys.get(word);
    // ‘then quick lunge’, ‘then big split’: another step, with how it is done before it.
    if (key !== 'in' && beginsMove(wordFrom(input, pastSpaces(input, end)).word)) return false;
    return isPart(word) || key === 'in' || (numbers.has(word) && measures.has(wordFrom(input, pastSpaces(input, next + word.length)).word));
  };

  /** Whether what stands here begins a step: behind a separator, or at the beginning. */
  const separated = (input: InputStream): boolean => {
    let back = -1;
    while (isSpace(at(input, back))) back--;
    const before = at(input, back);
    return before === '' || SEPARATORS.test(before);
  };

  /** Whether all that stands before this in its step is an event. */
  const eventBefore = (input: InputStream): boolean => {
    let said = '';
    for (let back = -1; back >= -LONGEST_EVENT && !SEPARATORS.test(at(input, back)) && at(input, back) !== ''; back--)
      said = at(input, back) + said;
    return events.has(wordOf(said.trim()));
  };

  /** Past what says nothing. */
  const pastFillers = (input: InputStream, from: number): { readonly word: string; readonly start: number; readonly end: number } => {
    for (let start = pastSpaces(input, from); ;) {
      const { word, end } = wordFrom(input, start);
      if (!articles.has(word) && !fillers.has(word)) return { word, start, end };
      start = pastSpaces(input, end);
    }
  };

  /** ‘With a left hook’: what a hand does in the step. */
  const strikeFollows = (input: InputStream, from: number): boolean => {
    const { word, end } = pastFillers(input, from);
    const next = sides.has(word) ? wordFrom(input, pastSpaces(input, end)) : { word, end };
    return isHand(next.word) && !footWords.has(wordFrom(input, pastSpaces(input, next.end)).word);
  };

  const footFollows = (input: InputStream, from: number): boolean => {
    const { word, end } = pastFillers(input, from);
    return feetAlone.has(word) || ((feet.has(word) || directions.has(word)) && footWords.has(wordFrom(input, pastSpaces(input, end)).word));
  };

  const joinedStrikes = (word: string): boolean => word.includes('-') && word.split('-').every((one) => strikes.has(one));
  /** Whether a hand's word stands here: behind a plus, or ‘with’. */
  const behindPlus = (input: InputStream): boolean => {
    let back = -1;
    while (isSpace(at(input, back))) back--;
    return at(input, back) === '+';
  };

  const token = (input: InputStream, stack: Stack): void => {
    const first = at(input, 0);
    const named = behindBracket(input) ? nameEnd(input) : 0;
    if (named > 0 && stack.canShift(terms.BranchName)) return input.acceptToken(terms.BranchName, named);
    if (isDigit(first)) {
      const end = decimal(input);
      if (end > 0) input.acceptToken(terms.Decimal, end);
      return;
    }
    if (/["”″'’′]/.test(first) && isDigit(at(input, -1))) {
      if (stack.canShift(terms.Mark)) input.acceptToken(terms.Mark, 1);
      return;
    }
    const one = wordFrom(input, 0);
    if (one.word === '') return;
    if (one.word.length === 1 && things.has(wordBefore(input)) && stack.canShift(terms.Letter)) {
      input.acceptToken(terms.Letter, 1);
      return;
    }
    // A name that a line gives is one, whatever else it says to others.
    if (at(input, pastSpaces(input, one.end)) === '=' && !own.has(one.word) && classOf(one.word) === -1 && stack.canShift(terms.NewName)) {
      input.acceptToken(terms.NewName, one.end);
      return;
    }
    let text = '';
    let end = 0;
    let found: { term: number; length: number } | null = null;
    const most = longest.get(one.word) ?? (one.word.includes('-') ? 1 : 0);
    for (let words = 0; words < most; words++) {
      const start = words === 0 ? 0 : pastSpaces(input, end);
      // Space belongs to a phrase only between its words.
      if (words > 0 && start === end) break;
      const next = wordFrom(input, start);
      if (next.word === '') break;
      text = text === '' ? next.word : `${text} ${next.word}`;
      end = next.end;
      const term = termOf(text, end, input, stack);
      if (term !== null) found = { term, length: end };
    }
    // ‘On the hit split’: what happens, and what is done then, need nothing between them.
    const isMove = found ? found.term === terms.Move : moves.has(one.word);
    if (isMove && !stack.canShift(terms.Move) && stack.canShift(terms.Next) && eventBefore(input)) return input.acceptToken(terms.Next, 0);
    if (found) return input.acceptToken(found.term, found.length);
    if (then.has(one.word) && (separated(input) || !goesOn(input, one.end)) && stack.canShift(terms.Next))
      return input.acceptToken(terms.Next, one.end);
    if (one.word === vocabulary.keys.with[0] && stack.canShift(terms.WithHand) && strikeFollows(input, one.end))
      return input.acceptToken(terms.WithHand, one.end);
    // ‘With the right foot lunge’: it says nothing there.
    if (ties.has(one.word) && stack.canShift(terms.Move) && footFollows(input, one.end)) return input.acceptToken(terms.Filler, one.end);
    if (and.has(one.word)) {
      const behind = wordFrom(input, pastSpaces(input, one.end)).word;
      // ‘ahead and left’ is one direction.
      const term = directions.has(behind) && directions.has(wordBefore(input)) ? terms.Filler : terms.Next;
      if (term === terms.Filler || stack.canShift(term)) input.acceptToken(term, one.end);
      return;
    }
    const next = pastSpaces(input, one.end);
    const behind = wordFrom(input, next).word;
    // ‘a couple’, ‘a small step’; but ‘a twice’ is a part that somebody named so.
    const handBehind = sides.has(behind) && isHand(wordFrom(input, pastSpaces(input, next + behind.length)).word);
    const article =
      articles.has(one.word) &&
      (known.has(behind) || sizes.has(behind) || handBehind || (keys.get(behind) === 'twice' && !own.has(behind)));
    const measure = measured.has(one.word) && !stack.canShift(terms.Move) && (numbers.has(behind) || isDigit(at(input, next)));
    if (fillers.has(one.word) || article || measure) input.acceptToken(terms.Filler, one.end);
  };

  /** What a phrase is in this place; null: nothing. */
  const termOf = (phrase: string, end: number, input: InputStream, stack: Stack): number | null => {
    if (joinedStrikes(phrase)) return stack.canShift(terms.HandWord) ? terms.HandWord : null;
    if (spots.has(phrase)) return stack.canShift(terms.Spot) ? terms.Spot : null;
    const all = known.get(phrase);
    if (all === undefined && !eithers.has(phrase)) return null;
    // ‘forehand side’ is a direction, ‘forehand’ a stroke.
    const sided = keys.get(wordFrom(input, pastSpaces(input, end)).word) === 'side';
    const strike = strikes.has(phrase) && !sided && stack.canShift(terms.HandWord);
    if (strike && behindPlus(input)) return terms.HandWord;
    if (eithers.has(phrase)) {
      const behind = wordFrom(input, pastSpaces(input, end)).word;
      if ((directions.has(behind) || feet.has(behind)) && stack.canShift(terms.Move)) return terms.Move;
    }
    const other = all?.find((term) => term !== terms.HandWord) ?? null;
    // A word that also belongs inside a step begins one only where one may begin.
    if (other !== null && (classOf(phrase.split(' ', 1)[0] ?? phrase) === -1 || stack.canShift(other))) return other;
    return strike ? terms.HandWord : null;
  };

  return new ExternalTokenizer(token, { contextual: true });
}

/** What the generated parser is made with. */
export const wordClass = wordClassOf(ENGLISH);
export const phrases = phrasesOf(ENGLISH);
