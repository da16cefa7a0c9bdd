import type { Act, Hand, Item, Size, Tempo } from './ast.js';

/** Prints items in the notation; parsing the print gives the same items (places apart). */
export function print(items: readonly Item[]): string {
  return items.map(printItem).join(', ');
}

function printItem(item: Item): string {
  if (item.kind === 'group') return `(${print(item.items)})${item.times === 1 ? '' : ` ${item.times}`}`;
  const parts = [printAct(item.act), printTempo(item.tempo), item.times === 1 ? '' : `${item.times} times`, ...item.hands.map(printHand)];
  return parts.filter((part) => part !== '').join(' ');
}

export function printAct(act: Act): string {
  switch (act.move) {
    case 'gather': {
      const way = act.word === 'shuffle' ? ` ${bearingWords(act.bearing)}` : '';
      return `${act.word}${way}${printSize(act.size)}${act.first ? ` ${act.first} foot first` : ''}`;
    }
    case 'meet':
      return `${act.word} ${bearingWords(act.bearing)}${printSize(act.size)}`;
    case 'half step':
      return `half step ${bearingWords(act.bearing)}${printSize(act.size)}${act.foot ? ` ${act.foot} foot` : ''}`;
    case 'pendulum':
      return `pendulum ${bearingWords(act.bearing)}${printSize(act.size)}`;
    case 'pass': {
      const way = act.word === 'pass' ? ` ${bearingWords(act.bearing)}` : '';
      return `${act.word}${way}${printSize(act.size)}${act.foot ? ` ${act.foot} foot` : ''}`;
    }
    case 'switch':
    case 'jump':
      return act.size === null ? act.move : `${act.move} ${bearingWords(act.bearing)}${printSize(act.size)}`;
    case 'square up':
      return 'square up';
    case 'split':
      return act.style === 'low hop' ? 'split' : `split ${act.style}`;
    case 'pivot':
      return `pivot ${act.foot} foot ${act.turn < 0 ? 'left' : 'right'} ${Math.abs(act.turn)}°`;
    case 'lunge':
      return `lunge ${bearingWords(act.bearing)}${printSize(act.size)}${act.foot ? ` ${act.foot} foot` : ''}`;
    case 'recover':
      return `recover ${act.way}`;
    case 'hold':
      return `hold ${act.seconds} s`;
    case 'hand':
      return act.word === 'hit' ? 'hit' : `"${act.word}"`;
  }
}

/** A bearing in words: a plain direction, half way between two, or degrees to a side. */
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

function printSize(size: Size | null): string {
  if (size === null) return '';
  if (size.unit === 'own') return ` ${size.value}×`;
  if (size.unit === 'small' || size.unit === 'even' || size.unit === 'big') return ` ${size.unit}`;
  return ` ${size.value} ${size.unit}`;
}

function printTempo(tempo: Tempo | null): string {
  if (tempo === null) return '';
  if ('seconds' in tempo) return `in ${tempo.seconds} s`;
  return tempo.factor > 1 ? 'slow' : 'quick';
}

function printHand(hand: Hand): string {
  const word = hand.word === 'hit' ? 'hit' : `"${hand.word}"`;
  if (hand.offsetMs === 0) return `+ ${word} on ${hand.tie}`;
  return `+ ${word} ${Math.abs(hand.offsetMs)} ms ${hand.offsetMs < 0 ? 'before' : 'after'} ${hand.tie}`;
}
