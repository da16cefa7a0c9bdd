import { BOOK_RULES } from './book-rules.js';

/** A time in which nothing was logged of somebody: the last day before it and the first after it, YYYY-MM-DD. */
export interface Break {
  readonly from: string;
  readonly to: string;
  readonly days: number;
}

const DAY_MS = 86_400_000;

/** The latest break between these days, in any order; null where there is none. @param least days that make one */
export function lastBreak(days: readonly string[], least: number = BOOK_RULES.breakDays): Break | null {
  const inOrder = [...new Set(days)].sort();
  for (let i = inOrder.length - 1; i > 0; i--) {
    const [from, to] = [inOrder[i - 1] as string, inOrder[i] as string];
    const between = Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
    if (between >= least) return { from, to, days: between };
  }
  return null;
}
