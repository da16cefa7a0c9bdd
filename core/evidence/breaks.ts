import { RECURRENCE } from './recurrence.js';
import { differenceOf, type Difference } from './difference.js';
import type { Cluster } from './likeness.js';

/** Days without any evening that make a break (common practice, no source). */
export const BREAK_DAYS = 21;

/** A time in which nothing was logged of somebody: the last day before it and the first after it, YYYY-MM-DD. */
export interface Break {
  readonly from: string;
  readonly to: string;
  readonly days: number;
}

const DAY_MS = 86_400_000;

/** The latest break between these days, in any order; null where there is none. */
export function lastBreak(days: readonly string[]): Break | null {
  const inOrder = [...new Set(days)].sort();
  for (let i = inOrder.length - 1; i > 0; i--) {
    const [from, to] = [inOrder[i - 1] as string, inOrder[i] as string];
    const between = Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
    if (between >= BREAK_DAYS) return { from, to, days: between };
  }
  return null;
}

/**
 * What a break did to a fault: the evenings since against as many before it as a review has. Null unless something was watched on both
 * sides. Where the interval holds 0 it is noise, as far as can be told.
 * @param could evenings that could show the fault
 */
export function sinceBreak(could: readonly (Cluster & { readonly day: string })[], { from, to }: Break): Difference | null {
  const before = could.filter(({ day }) => day <= from).slice(-RECURRENCE.every);
  return differenceOf(
    before,
    could.filter(({ day }) => day >= to),
  );
}
