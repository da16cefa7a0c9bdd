import type { SyntaxNode } from '@lezer/common';
import type { Range } from './dose.js';
import { ENGLISH_DOSE_LEXICON as WORDS } from './dose-word-classes.js';
import { childrenOf } from './tree.js';

/** Numbers and times of a dose's tree. */

const textOf = (text: string, node: SyntaxNode): string => text.slice(node.from, node.to);

/** ‘8’, ‘1.5’, ‘1,5’, ‘½’, ‘eight’, ‘forty-five’. */
function numberOf(text: string, node: SyntaxNode): number {
  if (node.name === 'Spelled')
    return childrenOf(node).reduce((sum, one) => sum + (WORDS.numberOf(textOf(text, one).toLowerCase()) ?? 0), 0);
  const typed = textOf(text, node).toLowerCase();
  if (typed === '½') return 0.5;
  return WORDS.numberOf(typed) ?? Number(typed.replace(',', '.'));
}

const isNumber = ({ name }: SyntaxNode): boolean => name === 'Number' || name === 'NumberWord' || name === 'Spelled';

/** ‘6’, ‘6–10’, ‘6 or 8’, ‘-3’. */
export function rangeOf(text: string, node: SyntaxNode): Range {
  const negative = node.getChild('Negative');
  const [low = 0, high = low] = numbersOf(text, negative ?? node);
  return negative ? { low: -low, high: -low } : { low, high };
}

const FACTORS: Readonly<Record<string, number>> = { Minutes: 60, Seconds: 1, Hours: 3600 };
/** ‘1'30’: a mark like a minute's of arc, or like a second's. */
const markOf = (typed: string): number => (/["”″]/.test(typed) ? 1 : 60);

/** Seconds: ‘45 s’, ‘1:30’, ‘1 min 30’, ‘half a minute’, ‘one and a half minutes’. */
export function timeOf(text: string, node: SyntaxNode): Range {
  if (node.name !== 'Time') return rangeOf(text, node);
  const parts = childrenOf(node.getChild('Compound') ?? node);
  const clock = parts.find(({ name }) => name === 'Clock');
  if (clock) {
    const [minutes = 0, seconds = 0] = textOf(text, clock).split(':').map(Number);
    return { low: minutes * 60 + seconds, high: minutes * 60 + seconds };
  }
  const range = parts.find(({ name }) => name === 'Range');
  const base = range ? rangeOf(text, range) : parts[0]?.name === 'Half' ? { low: 0, high: 0 } : { low: 1, high: 1 };
  const unit = parts.find(({ name }) => name in FACTORS);
  const mark = parts.find(({ name }) => name === 'Mark');
  const factor = unit ? (FACTORS[unit.name] ?? 1) : mark ? markOf(textOf(text, mark)) : 1;
  const half = parts.some(({ name }) => name === 'Half') ? factor / 2 : 0;
  const more = parts.find(({ name }) => name === 'MoreSeconds');
  const number = more && childrenOf(more).find(isNumber);
  const beside = half + (number ? numberOf(text, number) : 0);
  return { low: base.low * factor + beside, high: base.high * factor + beside };
}

/** A whole number in a ladder or a ratio, in order. */
export const numbersOf = (text: string, node: SyntaxNode): number[] =>
  childrenOf(node)
    .filter(isNumber)
    .map((one) => numberOf(text, one));
