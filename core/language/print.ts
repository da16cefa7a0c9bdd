import type { Act, Aim, Happening, Item, Parsed, Repeated, Size, Tempo, Thing, Tied } from './ast.js';

/** Prints a whole pattern in the notation; parsing the print gives the same (places apart). */
export function printPattern(parsed: Omit<Parsed, 'errors'>): string {
  return [
    ...parsed.things.map(printThing),
    ...parsed.definitions.map((one) => `${one.name} = ${print(one.items)}`),
    ...(parsed.intended.length > 0 ? [`intended ${parsed.intended.map((one) => one.code).join(' ')}`] : []),
    ...(parsed.items.length > 0 ? [print(parsed.items)] : []),
  ].join('\n');
}

/**
 * Prints items in the notation; parsing the print gives the same items (places apart).
 * @example print(parse('Shuffle   right 40cm').items) // 'shuffle right 40 cm'
 */
export function print(items: readonly Item[]): string {
  return items.map(printItem).join(', ');
}

function printItem(item: Item): string {
  switch (item.kind) {
    case 'group':
      return joined(`(${item.branches.map(print).join(' | ')})`, ...printRepeated(item));
    case 'call':
      return joined(item.name, item.scale === 1 ? '' : `${item.scale}×`, printTempo(item.tempo), ...printRepeated(item));
    case 'event':
      return printHappening(item);
    case 'step':
      return joined(
        printAct(item.act),
        printTempo(item.act.word === 'hold' ? null : item.tempo),
        item.then ? `then ${printTempo(item.then)}` : '',
        ...printRepeated(item),
        ...item.hands.map(printTied),
      );
  }
}

const joined = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(' ');

function printRepeated(item: Repeated): string[] {
  return [item.times === 1 ? '' : `${item.times} times`, item.each ? `each ${item.each}` : '', item.mirrored ? 'mirrored' : ''];
}

function printHappening(item: Happening): string {
  return joined(
    item.event,
    item.name === null ? '' : `"${item.name}"`,
    item.at === null ? '' : `at ${item.at} s`,
    item.every === null ? '' : `every ${item.every} s`,
  );
}

function printThing(thing: Thing): string {
  const place = (size: Size | null, plus: string, minus: string): string =>
    size === null ? '' : `${printSize({ ...size, value: Math.abs(size.value) })} ${size.value < 0 ? minus : plus}`;
  const at = joined(place(thing.right, 'right', 'left'), place(thing.ahead, 'ahead', 'back'));
  return joined(
    thing.thing,
    thing.name === null ? '' : `"${thing.name}"`,
    at === '' ? '' : `at ${at}`,
    thing.doing ? `doing (${print(thing.doing)})` : '',
  );
}

export function printAct(act: Act): string {
  if (act.word === 'hit' && act.name !== null) return `"${act.name}"`;
  return joined(
    act.word,
    act.bearing === null ? '' : bearingWords(act.bearing),
    act.turn === null ? '' : `${act.turn < 0 ? 'left' : 'right'} ${Math.abs(act.turn)}°`,
    act.style ?? '',
    printSize(act.size),
    act.second ? `then ${printSize(act.second)}` : '',
    act.foot ? `${act.foot} foot` : '',
    act.seconds === null ? '' : `${act.seconds} s`,
    act.aim ? printAim(act.aim) : '',
    act.short ? `short ${printSize(act.short)}` : '',
  );
}

const printAim = ({ thing, name }: Aim): string => joined('to', thing ?? '', name === null ? '' : `"${name}"`);

/**
 * A bearing in words: a plain direction, half way between two, or degrees to a side.
 * @example bearingWords(-45) // 'ahead left'
 */
export function bearingWords(bearing: number): string {
  const plain: Readonly<Record<number, string>> = {
    0: 'ahead',
    90: 'right',
    180: 'back',
    '-180': 'back',
    '-90': 'left',
    45: 'ahead right',
    '-45': 'ahead left',
    135: 'back right',
    '-135': 'back left',
  };
  return plain[bearing] ?? `${Math.abs(bearing)}° ${bearing < 0 ? 'left' : 'right'}`;
}

/** The move in a word or two, as a lane or a list shows it. */
export const wordsOf = (act: Act): string => act.name ?? act.word;

function printSize(size: Size | null): string {
  if (size === null) return '';
  if (size.unit === 'own') return `${size.value}×`;
  if (size.unit === 'small' || size.unit === 'even' || size.unit === 'big') return size.unit;
  return `${size.value} ${size.unit}`;
}

function printTempo(tempo: Tempo | null): string {
  if (tempo === null) return '';
  if ('seconds' in tempo) return `in ${tempo.seconds} s`;
  return tempo.factor > 1 ? 'slow' : 'quick';
}

function printTied(tied: Tied): string {
  const word = tied.kind === 'event' || tied.word === 'hit' || tied.word === 'guard check' ? tied.word : `"${tied.word}"`;
  if (tied.offsetMs === 0) return `+ ${word} on ${tied.tie}`;
  return `+ ${word} ${Math.abs(tied.offsetMs)} ms ${tied.offsetMs < 0 ? 'before' : 'after'} ${tied.tie}`;
}
