import { cut } from './cut.js';
import type { Act, FootRef } from './ast.js';
import { TO_A_SIDE, type SpotWord } from './floor-words.js';
import { NOTATION_LIMITS } from './limits.js';
import type { NotationMessages } from './messages.js';
import { ruleOf, type Family, type MoveRule, type MoveWord } from './moves.js';
import type { PartReader } from './parts.js';
import type { Span } from './places.js';
import { bearingWords } from './print.js';
import type { Reading } from './reading.js';
import type { Vocabulary } from './vocabulary.js';

/**
 * Nothing but the word: all else is left to body and stance.
 * @example bare('split').word // 'split'
 */
export const bare = (word: MoveWord): Act => ({
  word,
  bearing: null,
  turn: null,
  exact: false,
  size: null,
  second: null,
  foot: null,
  side: null,
  style: null,
  seconds: null,
  within: null,
  reaction: null,
  name: null,
  aim: null,
  short: null,
  floor: false,
  turning: null,
  toe: null,
  weight: null,
});

/** Moves that bring up a second foot, which may go another way than the first. */
const TWO_FEET: readonly MoveWord[] = ['advance', 'retreat', 'shuffle'];

/** The move that a head and its parts mean, checked against the vocabulary; null where it means nothing. */
export function actOf(
  { head, whole }: { readonly head: Span; readonly whole: Span },
  word: MoveWord,
  quoted: string | null,
  parts: PartReader,
  reading: Reading,
): Act | null {
  const rule = ruleOf(word);
  const { vocabulary } = reading.lexicon;
  const said = parts.head;
  const no: Say = (code, values, expected = [], nearest = null) => reading.errors.add(head, code, values, expected, nearest);
  // What leaves out a step is said of all of it.
  const none: Say = (code, values, expected = [], nearest = null) => reading.errors.add(whole, code, values, expected, nearest);
  if (parts.size && rule.size === 'none') no('takes-no-size', { word: said });
  if (parts.foot && !rule.foot) no('takes-no-foot', { word: said });
  const [, next] = parts.sizes;
  const second = parts.second ?? (TWO_FEET.includes(word) ? (next ?? null) : null);
  if (parts.second && !TWO_FEET.includes(word)) no('no-second-foot', {});
  if (rule.size !== 'none' && parts.sizes.length > (parts.second || !TWO_FEET.includes(word) ? 1 : 2)) no('two-sizes', { word: said });
  if ((rule.way === 'none' || rule.fixed) && parts.side !== null) no('takes-no-way', { word: said });
  if (rule.way === 'none' && (parts.bearings.length > 0 || parts.degrees !== null || parts.aim !== null))
    no('takes-no-way', { word: said });
  const { aim } = parts;
  if (aim && aim.side === null && TO_A_SIDE.some((one) => one === aim.thing)) cornerAsks(whole, aim.thing as SpotWord, reading);
  // What goes to something needs no direction of the hall.
  if (parts.floor && (rule.way !== 'bearing' || aim !== null)) no('takes-no-more', { word: said });
  if (parts.label !== null) no('takes-no-name', { word: said });
  if (parts.feet.length > 1 && !(second && areBoth(parts.feet))) no('two-feet', { word: said });
  bareNumber(rule, whole, parts, reading);
  if (parts.at !== null || parts.every !== null) no('no-own-time', {});
  const turn = rule.way === 'turn' ? turnOf(rule, parts, no, none, vocabulary, said) : null;
  if (rule.way === 'turn' && turn === undefined) return null;
  const bearing = rule.way === 'bearing' ? bearingOf(rule, word, parts, no, none, vocabulary) : null;
  if (bearing === undefined) return null;
  return {
    word,
    bearing,
    turn: turn ?? null,
    exact: rule.round === true && parts.degrees !== null,
    size: rule.size === 'none' ? null : parts.size,
    second: TWO_FEET.includes(word) ? second : null,
    foot: rule.foot ? parts.foot : null,
    side: rule.way === 'none' || rule.fixed ? null : parts.side,
    style: word === 'split' ? parts.style : null,
    seconds: parts.holds && parts.tempo && 'seconds' in parts.tempo ? parts.tempo.seconds : null,
    within: parts.other?.follows?.within ?? null,
    reaction: parts.other?.follows?.reaction ?? null,
    name: quoted === null ? null : cut(quoted.slice(1, -1).trim(), NOTATION_LIMITS.name) || null,
    aim: rule.way === 'none' ? null : parts.aim,
    short: parts.short,
    floor: rule.way === 'bearing' && aim === null && (parts.floor || reading.floor),
    ...landedAs(rule, parts, no, vocabulary),
  };
}

/** Families whose moves land on feet, so that it can be said how. */
const LANDS: readonly Family[] = ['load', 'gather', 'pass', 'reach', 'air'];

/** How it is landed: the body turned, the toe, the weight. */
function landedAs(rule: MoveRule, parts: PartReader, no: Say, { directions }: Vocabulary): Pick<Act, 'turning' | 'toe' | 'weight'> {
  const { turning, toe, weight } = parts;
  const lands = LANDS.includes(rule.family);
  if ((turning !== null && rule.way !== 'bearing') || (!lands && (toe !== null || weight !== null)))
    no('takes-no-more', { word: parts.head });
  const turns = rule.way === 'bearing' && turning !== null;
  if (turns && turning.side === null) no('turning-side', { word: parts.head }, [directions.left[0], directions.right[0]]);
  const degrees = turning && turning.side !== null ? turning.side * Math.min(turning.degrees, NOTATION_LIMITS.turn) : null;
  return { turning: turns && degrees !== 0 ? degrees : null, toe: lands ? toe : null, weight: lands ? weight : null };
}

/** A corner lies to a side: which one is asked. */
function cornerAsks(step: Span, spot: SpotWord, { errors, text, lexicon: { vocabulary } }: Reading): void {
  const said = text.slice(step.from, step.to);
  const { feet, keys } = vocabulary;
  const readings = [feet.playing[0], feet.other[0]].map((side) => `${said} ${side} ${keys.side[0]}`);
  errors.ask(step, 'corner-side', { word: vocabulary.spots[spot][0] }, readings, step);
}

/** Feet that are each other's. */
const PAIRS: readonly (readonly FootRef[])[] = [
  ['left', 'right'],
  ['lead', 'rear'],
  ['near', 'far'],
  ['playing', 'other'],
  ['outside', 'inside'],
];
const areBoth = (feet: readonly FootRef[]): boolean => feet.length === 2 && PAIRS.some((pair) => pair.every((foot) => feet.includes(foot)));

/** A number alone behind a turn is degrees from so many on, and a count up to so many; behind a size’s move a count up to so many (our own). */
const BARE = { degrees: 15, turns: 8, steps: 12 } as const;

/** What a number alone means: a count, or degrees of a turn; in between it asks. */
function bareNumber(rule: MoveRule, step: Span, parts: PartReader, { errors, text, lexicon: { vocabulary } }: Reading): void {
  const { bare, head: word } = parts;
  if (bare === null) return;
  // ‘Turning left 45’.
  if (parts.turning !== null && !parts.turning.said && bare.value >= BARE.degrees) {
    parts.times = 1;
    parts.turning = { ...parts.turning, degrees: bare.value, said: true };
    return;
  }
  const said = text.slice(bare.node.from, bare.node.to);
  const times = `${bare.value} ${vocabulary.keys.times[0]}`;
  if (parts.holds && parts.tempo === null) {
    parts.times = 1;
    errors.ask(bare.node, 'bare-number', { said, word }, [`${bare.value} ${vocabulary.keys.seconds[0]}`, times], step);
  } else if (rule.way === 'turn' && parts.degrees === null) {
    if (bare.value <= BARE.turns) return;
    parts.times = 1;
    if (bare.value >= BARE.degrees) parts.degrees = parts.bareDegrees = bare.value;
    else errors.ask(bare.node, 'bare-number', { said, word }, [`${bare.value}°`, times], step);
  } else if ((rule.size === 'step' || rule.size === 'lunge') && parts.size === null && bare.value > BARE.steps) {
    parts.times = 1;
    errors.ask(bare.node, 'bare-number', { said, word }, [`${bare.value} ${vocabulary.units.cm[0]}`, times], step);
  }
}

type Say = <Code extends keyof NotationMessages>(
  code: Code,
  values: NotationMessages[Code],
  expected?: readonly string[],
  nearest?: string | null,
) => void;

/** A bearing from words ('ahead left' is half way between), or from degrees with a side ('30° left'). */
function written(parts: PartReader): number | null {
  const [one, two] = parts.bearings;
  if (parts.degrees !== null) {
    const off = Math.max(-180, Math.min(180, parts.degrees));
    return one === -90 ? -off : off;
  }
  if (one === undefined) return null;
  if (two === undefined || Math.abs(Math.abs(one) - Math.abs(two)) !== 90) return one;
  const side = Math.abs(one) === 90 ? one : two;
  const along = side === one ? two : one;
  return Math.sign(side) * (along === 0 ? 45 : 135);
}

/** A bearing in degrees, null where none need be said, undefined where it cannot be known. */
function bearingOf(
  rule: MoveRule,
  word: MoveWord,
  parts: PartReader,
  no: Say,
  none: Say,
  vocabulary: Vocabulary,
): number | null | undefined {
  const { moves, directions } = vocabulary;
  // ‘Back home’ is the way home.
  const said = written(parts);
  const asked = parts.aim?.thing === 'home' && said === 180 ? null : said;
  const [one, two] = parts.bearings;
  if (one !== undefined && two !== undefined && Math.abs(one - two) === 180) {
    no('opposite', { one: bearingWords(one, vocabulary), two: bearingWords(two, vocabulary) });
  }
  if (rule.fixed) {
    if (asked !== null && asked !== rule.usual) {
      const [other] = moves[word === 'shift' || word === 'back step' ? 'pass' : 'shuffle'];
      no('fixed-way', { word: parts.head, way: rule.usual === 0 ? 'ahead' : 'back', other }, [other], other);
    }
    return null;
  }
  if (word === 'recover' && asked !== null && asked !== 0 && asked !== 180)
    no('recover-way', {}, [directions.ahead[0], directions.back[0]]);
  if (parts.side !== null && asked !== null && asked !== 0 && asked !== 180) no('takes-no-way', { word: parts.head });
  if (asked === null && rule.usual === null && parts.aim === null && parts.side === null) {
    const [left, right] = [directions.left[0], directions.right[0]];
    none('needs-way', { word: parts.head }, [left, right, directions.ahead[0], directions.back[0], `45° ${left}`]);
    return undefined;
  }
  if (parts.side !== null) return asked === 0 || asked === 180 ? asked : null;
  return word === 'recover' && asked !== 0 ? null : asked;
}

/** A turn in degrees with its side, null for the usual one where none need be said, undefined where it cannot be known. */
function turnOf(
  rule: MoveRule,
  parts: PartReader,
  no: Say,
  none: Say,
  { directions }: Vocabulary,
  said: string,
): number | null | undefined {
  const side = parts.bearings.find((bearing) => Math.abs(bearing) === 90);
  if (parts.bearings.some((bearing) => Math.abs(bearing) !== 90))
    no('takes-side', { word: said }, [directions.left[0], directions.right[0]]);
  const degrees = parts.degrees ?? rule.usual ?? 90;
  if (parts.side !== null) return parts.degrees === null ? null : Math.min(Math.abs(degrees), NOTATION_LIMITS.turn);
  // A number alone has no side; half a turn needs none.
  const unsided = parts.degrees === null || (parts.bareDegrees !== null && parts.bareDegrees !== 180);
  if (side === undefined && unsided) {
    if (rule.usual === 0 || parts.aim !== null) return null;
    const [left, right] = [directions.left[0], directions.right[0]];
    none('needs-turn', { word: said }, [left, right, `${right} 90°`]);
    return undefined;
  }
  if (Math.abs(degrees) > NOTATION_LIMITS.turn) {
    none('turns-far', { word: said, most: NOTATION_LIMITS.turn, degrees });
    return undefined;
  }
  return side === -90 ? -degrees : degrees;
}
