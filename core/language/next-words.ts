import type { Act, Item } from './ast.js';
import { ENGLISH } from './english.js';
import { ruleOf, type Family, type MoveRule, type MoveWord } from './moves.js';
import { parse } from './parse.js';
import { strikesOf } from './sport-words.js';
import type { Vocabulary } from './vocabulary.js';

/** What may come next in a line: each text goes in the place of what stands from an offset on. */
export interface NextWords {
  readonly from: number;
  readonly texts: readonly string[];
}

/** How many are offered at once. */
const AT_ONCE = 8;
/** Characters before the caret that are looked at. */
const LOOKED_AT = 400;

/** Moves that mostly follow one of a family, and that mostly begin a line (common practice, no source). */
const AFTER: Readonly<Record<Family | 'begin', readonly MoveWord[]>> = {
  begin: ['split', 'advance', 'shuffle', 'lunge', 'bounce', 'pivot'],
  set: ['split', 'advance', 'shuffle', 'hold'],
  load: ['shuffle', 'crossover', 'chassé', 'lunge', 'run', 'drop step'],
  gather: ['lunge', 'split', 'shuffle', 'retreat', 'pivot', 'jump'],
  pass: ['lunge', 'crossover', 'split', 'square up'],
  turn: ['advance', 'shuffle', 'split', 'retreat'],
  reach: ['recover', 'shuffle', 'split', 'retreat'],
  air: ['split', 'shuffle', 'square up', 'run'],
  hand: ['retreat', 'pivot', 'shuffle', 'hit'],
};

/**
 * What a coach may want to type next, the likeliest first: what belongs to the step before the caret and is not yet said, then what may
 * follow it; in the midst of a word, what it may become.
 * @param before the line up to the caret.
 * @param sport whose strikes are offered.
 * @example nextWords('split, shu').texts[0] // 'shuffle'
 */
export function nextWords(before: string, sport = '', vocabulary: Vocabulary = ENGLISH): NextWords {
  const next = nextIn(before, strikesOf(sport), vocabulary);
  // Where nothing is known to follow, the step may at least end.
  return next.texts.length > 0 || before.trim() === '' ? next : { from: before.length, texts: [','] };
}

/** What parts one step from the next. */
const PARTS = ',;·→\n(|=';

/** What stands at the end of a text as long as its characters are so. */
function tail(text: string, is: (one: string) => boolean): string {
  let from = text.length;
  while (from > 0 && is(text.charAt(from - 1))) from--;
  return text.slice(from);
}

function nextIn(before: string, strikes: readonly string[], vocabulary: Vocabulary): NextWords {
  const seen = before.slice(-LOOKED_AT);
  const start = seen.length - tail(seen, (one) => !PARTS.includes(one)).length;
  const [begun, typed] = [seen.slice(start), tail(seen, (one) => /[\p{L}\p{M}-]/u.test(one))];
  const at = before.length - typed.length;
  const last = (text: string): Item | undefined => parse(text, [], vocabulary).items.at(-1);
  // A word that is being typed is not one yet; the name of a branch is none of its steps.
  const said = begun.slice(0, begun.length - typed.length).replace(/^[^:()]*:/, '');
  if (said.trim() === '') {
    const ended = seen.slice(0, start);
    const parted = tail(ended, (one) => PARTS.includes(one) || one.trim() === '');
    const previous = last(ended.slice(0, ended.length - parted.length));
    return { from: at, texts: headsLike(typed, previous, strikes, vocabulary) };
  }
  const { keys, directions } = vocabulary;
  const again = [`3 ${keys.times[0]}`, `${keys.each[0]} ${keys.side[0]}`];
  const next = typed === '' ? [','] : [];
  if (said.includes(')')) return { from: at, texts: said.trimEnd().endsWith(')') ? [...next, ...like(typed, again)] : next };
  const { items, errors } = parse(said, [], vocabulary);
  const item = items.at(-1);
  if (item?.kind !== 'step') {
    // A move that asks for its direction is none yet.
    const asks = errors.find(({ code }) => code === 'needs-way' || code === 'needs-turn');
    const ways = asks?.code === 'needs-way' ? (['left', 'right', 'ahead', 'back'] as const) : (['left', 'right'] as const);
    return {
      from: at,
      texts: asks
        ? like(
            typed,
            ways.map((one) => directions[one][0]),
          )
        : [],
    };
  }
  const repeated = item.times > 1 || item.each !== null;
  const more = partsOf(item.act, item.tempo !== null, item.hands.length > 0, strikes, vocabulary);
  return { from: at, texts: [...next, ...like(typed, [...more, ...(repeated ? [] : again)])].slice(0, AT_ONCE) };
}

const like = (typed: string, texts: readonly string[]): string[] => {
  const begun = typed.toLowerCase();
  return texts.filter((text) => text.startsWith(begun) && text !== begun);
};

function headsLike(typed: string, previous: Item | undefined, strikes: readonly string[], { moves }: Vocabulary): string[] {
  const usual = AFTER[previous?.kind === 'step' ? ruleOf(previous.act.word).family : 'begin'];
  const others = (Object.keys(moves) as MoveWord[]).filter((word) => typed !== '' && !usual.includes(word));
  return like(typed, [
    ...usual.map((word) => moves[word][0]),
    ...(typed === '' ? [] : strikes),
    ...others.map((word) => moves[word][0]),
  ]).slice(0, AT_ONCE);
}

const HAS_STEP: readonly MoveRule['size'][] = ['step', 'lunge', 'aside'];
const ALL_WAYS = ['ahead', 'left', 'right', 'back'] as const;

/** What may still be said of a move. */
function partsOf(act: Act, timed: boolean, hits: boolean, strikes: readonly string[], vocabulary: Vocabulary): string[] {
  const { directions, units, feet, keys, tempos, moves } = vocabulary;
  const rule: MoveRule = ruleOf(act.word);
  const [cm] = units.cm;
  const ways = rule.way === 'bearing' && !rule.fixed && act.bearing === null && act.side === null;
  return [
    ...(ways ? (act.word === 'recover' ? (['ahead'] as const) : ALL_WAYS).map((way) => directions[way][0]) : []),
    ...(rule.size === 'apart' && act.size === null ? [`1.4 ${units.m[0]}`] : []),
    ...(HAS_STEP.includes(rule.size) && act.size === null ? [`20 ${cm}`, `40 ${cm}`, `60 ${cm}`] : []),
    ...(rule.foot && act.foot === null ? [`${feet.lead[0]} ${keys.foot[0]}`, `${feet.rear[0]} ${keys.foot[0]}`] : []),
    ...(hits ? [] : [strikes[0] ?? moves.hit[0]].map((strike) => `+ ${strike}`)),
    ...(timed || rule.lasts ? [] : [tempos.quick[0]]),
  ];
}
