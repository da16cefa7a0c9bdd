import type { Range } from './dose.js';

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
