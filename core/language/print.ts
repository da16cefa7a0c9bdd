import type {
  Act,
  Aim,
  Direction,
  FootRef,
  Group,
  Happening,
  Item,
  Manner,
  Other,
  Parsed,
  Repeated,
  Size,
  Tempo,
  Thing,
  Tied,
  Toe,
} from './ast.js';
import { ENGLISH } from './english.js';
import { ruleOf } from './moves.js';
import type { Vocabulary } from './vocabulary.js';

/** Prints a whole pattern in the notation; parsing the print gives the same (places apart). */
export function printPattern(parsed: Omit<Parsed, 'errors'>, vocabulary: Vocabulary = ENGLISH): string {
  const line = (items: readonly Item[]): string => print(items, vocabulary);
  return [
    ...printManner(parsed, vocabulary),
    ...parsed.things.map((thing) => printThing(thing, vocabulary)),
    ...parsed.definitions.map((one) => `${one.name} = ${line(one.items)}`),
    ...(parsed.intended.length > 0 ? [joined(vocabulary.keys.intended[0], ...parsed.intended.map((one) => one.code))] : []),
    ...(parsed.items.length > 0 ? [line(parsed.items)] : []),
  ].join('\n');
}

/**
 * What a line says of all of its steps, as it is printed.
 * @example printManner({ engine: 1, flat: true }) // ['engine 1', 'tempo flat']
 */
export const printManner = ({ engine, flat }: Manner, vocabulary: Vocabulary = ENGLISH): string[] => [
  ...(engine === null ? [] : [`${vocabulary.engine} ${engine}`]),
  ...(flat ? [vocabulary.flatTempo] : []),
];

/**
 * Prints items in the notation; parsing the print with the same vocabulary gives the same items (places apart).
 * @example print(parse('Shuffle   right 40cm').items) // 'shuffle right 40 cm'
 */
export function print(items: readonly Item[], vocabulary: Vocabulary = ENGLISH): string {
  return items.map((item) => printItem(item, vocabulary)).join(', ');
}

function printItem(item: Item, vocabulary: Vocabulary): string {
  const { keys } = vocabulary;
  switch (item.kind) {
    case 'group':
      return joined(`(${printBranches(item, vocabulary)})`, ...printRepeated(item, vocabulary));
    case 'call':
      return joined(
        item.name,
        item.scale === 1 ? '' : `${item.scale}×`,
        printTempo(item.tempo, vocabulary),
        ...printRepeated(item, vocabulary),
      );
    case 'event':
      return printHappening(item, vocabulary);
    case 'step':
      return joined(
        printAct(item.act, vocabulary),
        printTempo(ruleOf(item.act.word).lasts ? null : item.tempo, vocabulary),
        item.then ? `${keys.then[0]} ${printTempo(item.then, vocabulary)}` : '',
        ...printRepeated(item, vocabulary),
        ...item.hands.map((tied) => printTied(tied, vocabulary)),
      );
  }
}

const printBranches = ({ branches, names }: Group, vocabulary: Vocabulary): string =>
  branches
    .map((branch, i) => {
      const name = names[i] ?? null;
      return `${name === null ? '' : `${name}: `}${print(branch, vocabulary)}`;
    })
    .join(' | ');

const joined = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(' ');

function printRepeated(item: Repeated, { keys, feet }: Vocabulary): string[] {
  const [other] = item.each === 'lead' ? feet.lead : keys.side;
  return [
    item.times === 1 ? '' : `${item.times} ${keys.times[0]}`,
    item.each ? `${keys.each[0]} ${other}` : '',
    item.mirrored ? keys.mirrored[0] : '',
  ];
}

function printHappening(item: Happening, { events, keys }: Vocabulary): string {
  const time = (word: string, seconds: number | null): string => (seconds === null ? '' : `${word} ${seconds} ${keys.seconds[0]}`);
  return joined(
    events[item.event][0],
    item.name === null ? '' : `"${item.name}"`,
    time(keys.at[0], item.at),
    time(keys.every[0], item.every),
  );
}

function printThing(thing: Thing, vocabulary: Vocabulary): string {
  const { directions, keys } = vocabulary;
  const place = (size: Size | null, plus: Direction, minus: Direction): string =>
    size === null
      ? ''
      : `${printSize({ ...size, value: Math.abs(size.value) }, vocabulary)} ${directions[size.value < 0 ? minus : plus][0]}`;
  const at = joined(place(thing.right, 'right', 'left'), place(thing.ahead, 'ahead', 'back'));
  return joined(
    vocabulary.things[thing.thing][0],
    thing.name === null ? '' : `"${thing.name}"`,
    at === '' ? '' : `${keys.at[0]} ${at}`,
    thing.other ? printOther(thing.other, vocabulary) : '',
    thing.doing ? `${keys.doing[0]} (${print(thing.doing, vocabulary)})` : '',
  );
}

function printOther({ tall, stance, lead, hand, reach, follows }: Other, vocabulary: Vocabulary): string {
  const { keys, directions } = vocabulary;
  const sized = (key: string, size: Size | null): string => (size === null ? '' : `${key} ${printSize(size, vocabulary)}`);
  return joined(
    sized(keys.tall[0], tall),
    stance === null ? '' : `${keys.stance[0]} "${stance}"`,
    lead === null ? '' : `${directions[lead][0]} ${keys.foot[0]} ${keys.leading[0]}`,
    hand === null ? '' : (keys.handed[hand === 'right' ? 0 : 1] ?? ''),
    sized(keys.reach[0], reach),
    follows === null ? '' : keys.follows[0],
    sized(keys.keep[0], follows?.keep ?? null),
    sized(keys.within[0], follows?.within ?? null),
    follows?.reaction == null ? '' : `${keys.reaction[0]} ${follows.reaction} ${keys.seconds[0]}`,
  );
}

export function printAct(act: Act, vocabulary: Vocabulary = ENGLISH): string {
  if (act.word === 'hit' && act.name !== null) return `"${act.name}"`;
  const { directions, keys } = vocabulary;
  return joined(
    vocabulary.moves[act.word][0],
    act.bearing === null ? '' : bearingWords(act.bearing, vocabulary),
    printTurn(act, vocabulary),
    act.side ? `${vocabulary.feet[act.side][0]} ${keys.side[0]}` : '',
    act.style === null ? '' : vocabulary.styles[act.style][0],
    printSize(act.size, vocabulary),
    act.second ? `${keys.then[0]} ${printSize(act.second, vocabulary)}` : '',
    act.foot ? printFoot(act.foot, vocabulary) : '',
    act.seconds === null ? '' : `${act.seconds} ${keys.seconds[0]}`,
    act.within ? `${keys.within[0]} ${printSize(act.within, vocabulary)}` : '',
    act.reaction == null ? '' : `${keys.reaction[0]} ${act.reaction} ${keys.seconds[0]}`,
    act.aim ? printAim(act.aim, vocabulary) : '',
    act.short ? `${keys.short[0]} ${printSize(act.short, vocabulary)}` : '',
    act.floor ? joined(keys.on[0], vocabulary.fillers[0] ?? '', keys.floor[0]) : '',
    act.turning === null ? '' : `${keys.turning[0]} ${directions[act.turning < 0 ? 'left' : 'right'][0]} ${Math.abs(act.turning)}°`,
    printToe(act.toe, vocabulary),
    act.weight ? `${keys.weight[0]} ${printFoot(act.weight, vocabulary)}` : '',
  );
}

/** A turn; where it is round to the opponent, its degrees only if they were typed, or are not the usual ones. */
function printTurn({ word, turn, exact, side }: Act, { directions }: Vocabulary): string {
  if (turn === null) return '';
  const { round, usual } = ruleOf(word);
  const degrees = round && !exact && Math.abs(turn) === usual ? '' : `${Math.abs(turn)}°`;
  return joined(side ? '' : directions[turn < 0 ? 'left' : 'right'][0], degrees);
}

const printFoot = (foot: FootRef, { directions, feet, keys }: Vocabulary): string =>
  `${foot === 'left' || foot === 'right' ? directions[foot][0] : feet[foot][0]} ${keys.foot[0]}`;

function printToe(toe: Toe | null, vocabulary: Vocabulary): string {
  if (toe === null) return '';
  const { keys, toes } = vocabulary;
  if ('at' in toe) return joined(keys.toe[0], printAim(toe.at, vocabulary));
  return `${keys.toe[0]} ${Math.abs(toe.out)}° ${toes[toe.out < 0 ? 'in' : 'out'][0]}`;
}

function printAim({ thing, name, side }: Aim, { keys, things, spots, feet, directions }: Vocabulary): string {
  const known: Readonly<Record<string, readonly [string, ...string[]]>> = { home: keys.home, ...things, ...spots };
  const [what] = thing === null ? [''] : (known[thing] ?? ['']);
  const to = side === null ? '' : side === 'left' || side === 'right' ? directions[side][0] : `${feet[side][0]} ${keys.side[0]}`;
  return joined(keys.to[0], what, name === null ? '' : `"${name}"`, to);
}

const PLAIN: Readonly<Record<number, readonly Direction[]>> = {
  0: ['ahead'],
  90: ['right'],
  180: ['back'],
  '-180': ['back'],
  '-90': ['left'],
  45: ['ahead', 'right'],
  '-45': ['ahead', 'left'],
  135: ['back', 'right'],
  '-135': ['back', 'left'],
};

/**
 * A bearing in words: a plain direction, half way between two, or degrees to a side.
 * @example bearingWords(-45) // 'ahead left'
 */
export function bearingWords(bearing: number, { directions }: Vocabulary = ENGLISH): string {
  const plain = PLAIN[bearing];
  return plain
    ? plain.map((direction) => directions[direction][0]).join(' ')
    : `${Math.abs(bearing)}° ${directions[bearing < 0 ? 'left' : 'right'][0]}`;
}

/** The move in a word or two, as a lane or a list shows it. */
export const wordsOf = (act: Act, { moves }: Vocabulary = ENGLISH): string => act.name ?? moves[act.word][0];

function printSize(size: Size | null, { sizes, units }: Vocabulary): string {
  if (size === null) return '';
  switch (size.unit) {
    case 'own':
      return `${size.value}×`;
    case 'small':
    case 'even':
    case 'big':
      return sizes[size.unit][0];
    default:
      return `${size.value} ${units[size.unit][0]}`;
  }
}

function printTempo(tempo: Tempo | null, { keys, tempos }: Vocabulary): string {
  if (tempo === null) return '';
  if ('seconds' in tempo) return `${keys.in[0]} ${tempo.seconds} ${keys.seconds[0]}`;
  return tempos[tempo.factor > 1 ? 'slow' : 'quick'][0];
}

function printTied(tied: Tied, { events, moves, keys }: Vocabulary): string {
  const known: Readonly<Record<string, readonly [string, ...string[]]>> =
    tied.kind === 'event' ? events : { hit: moves.hit, 'guard check': moves['guard check'] };
  const word = known[tied.word]?.[0] ?? `"${tied.word}"`;
  const anchor = tied.tie === 'first landing' ? `${keys.first[0]} ${keys.landing[0]}` : keys[tied.tie][0];
  if (tied.offsetMs === 0) return `+ ${word} ${keys.on[0]} ${anchor}`;
  return `+ ${word} ${Math.abs(tied.offsetMs)} ${keys.ms[0]} ${keys[tied.offsetMs < 0 ? 'before' : 'after'][0]} ${anchor}`;
}
