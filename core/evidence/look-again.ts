import { BOOK_RULES } from './book-rules.js';
import type { Evening } from './decisions.js';
import type { Recurrence } from './recurrence.js';

/** When a cleared fault is due for a look. */
export interface LookAgain {
  /** YYYY-MM-DD. */
  readonly due: string;
  /** Weeks from the last look to it. */
  readonly weeks: number;
}

/**
 * When a fault that was cleared is due for a look: some weeks after the evening of the review that cleared it, and after each look that
 * came when it was due twice as many. Evenings before that do not put it off. Null for what is not cleared.
 * @param evenings of the fault, in the order of time; those that could not show it are no look
 */
export function lookAgain(
  evenings: readonly Evening[],
  { state, reviews }: Pick<Recurrence, 'state' | 'reviews'>,
  { first, most }: { readonly first: number; readonly most: number } = BOOK_RULES.lookAgain,
): LookAgain | null {
  if (state !== 'cleared') return null;
  const could = evenings.filter(({ n }) => n > 0);
  const since = reviews.findLastIndex((review) => review.state !== 'cleared') + 1;
  const cleared = could[(reviews[since]?.after ?? 0) - 1];
  if (cleared === undefined) return null;
  let [weeks, due] = [first, weeksAfter(cleared.day, first)];
  for (const { day } of could) {
    if (day < due) continue;
    weeks = Math.min(most, 2 * weeks);
    due = weeksAfter(day, weeks);
  }
  return { due, weeks };
}

const weeksAfter = (day: string, weeks: number): string => new Date(Date.parse(day) + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
