import { exactly, type Range } from './dose.js';

/** A piece of a dose between commas, and where it begins in the text. */
export interface Clause {
  readonly text: string;
  readonly from: number;
}

/** Clauses between commas; what stands in brackets is a line of steps and keeps its own. */
export function split(text: string): Clause[] {
  const clauses: Clause[] = [];
  let depth = 0;
  let from = 0;
  const close = (to: number): void => {
    const raw = text.slice(from, to);
    const before = raw.length - raw.trimStart().length;
    if (raw.trim() !== '') clauses.push({ text: raw.trim(), from: from + before });
    from = to + 1;
  };
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '(') depth++;
    else if (text[i] === ')') depth = Math.max(0, depth - 1);
    // A comma between digits belongs to a number.
    else if ((text[i] === ',' || text[i] === '\n') && depth === 0 && !/\d,\d/.test(text.slice(i - 1, i + 2))) close(i);
  }
  close(text.length);
  return clauses;
}

export const numberOf = (text: string): number => Number(text.trim().replace(',', '.'));

const BETWEEN = /[–-]|to/;

/**
 * What stands before and behind a word in a text, where something does; null where the word is not there.
 * @example parted('a and b', /\sand\s/) // ['a', 'b']
 */
export function parted(text: string, word: RegExp): readonly [string, string] | null {
  const found = word.exec(text);
  const parts = found && ([text.slice(0, found.index).trim(), text.slice(found.index + found[0].length).trim()] as const);
  return parts?.every((part) => part !== '') ? parts : null;
}

/**
 * '6', '6–10', '-3' as a range.
 * @example count('6–10') // { low: 6, high: 10 }
 */
export function count(text: string): Range {
  const said = text.trim();
  if (said.startsWith('-')) return exactly(numberOf(said));
  const [low = '', high] = said.split(BETWEEN);
  return { low: numberOf(low), high: numberOf(high ?? low) };
}

/**
 * '45 s', '2 min', '1:30', '30–60 s' as seconds; null where it is none.
 * @example secondsOf('1 min') // { low: 60, high: 60 }
 */
export function secondsOf(text: string): Range | null {
  const clock = /^(\d+):(\d\d)$/.exec(text.trim());
  if (clock) return exactly(Number(clock[1]) * 60 + Number(clock[2]));
  const said = /^(-?[\d.,]+(?:\s*(?:[–-]|to)\s*[\d.,]+)?)\s*(s|sec|seconds?|min|minutes?|h)$/i.exec(text.trim());
  if (!said) return null;
  const unit = (said[2] ?? '').toLowerCase();
  const factor = unit.startsWith('h') ? 3600 : unit.startsWith('m') ? 60 : 1;
  const range = count(said[1] ?? '');
  return Number.isFinite(range.low) && Number.isFinite(range.high) ? { low: range.low * factor, high: range.high * factor } : null;
}

/** Why a range cannot be, and the nearest one that can; null where it can. */
export function beyond(
  range: Range,
  most: number,
): { readonly why: 'downwards' | 'under-one' | 'too-much'; readonly instead: Range } | null {
  const within = (n: number): number => Math.min(most, Math.max(1, Number.isFinite(n) ? n : 1));
  if (range.low > range.high) return { why: 'downwards', instead: { low: within(range.high), high: within(range.low) } };
  if (range.low <= 0) return { why: 'under-one', instead: { low: within(range.low), high: within(range.high) } };
  if (range.high > most) return { why: 'too-much', instead: { low: within(range.low), high: most } };
  return null;
}

export const rangeText = ({ low, high }: Range): string => (low === high ? `${low}` : `${low}–${high}`);

/** Seconds as a coach says them: whole minutes from one minute and a half on. */
export function secondsText(range: Range): string {
  const minutes = range.low >= 120 && range.low % 60 === 0 && range.high % 60 === 0;
  return minutes ? `${rangeText({ low: range.low / 60, high: range.high / 60 })} min` : `${rangeText(range)} s`;
}
