import type { Evening } from './decisions.js';
import type { Recurrence } from './recurrence.js';

/** Weeks until a cleared fault is looked at again: at first, and at most; each look doubles them (common practice, no source). */
export const LOOK_AGAIN = { first: 2, most: 26 } as const;

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
export function lookAgain(evenings: readonly Evening[], { state, reviews }: Pick<Recurrence, 'state' | 'reviews'>): LookAgain | null {
  if (state !== 'cleared') return null;
  const could = evenings.filter(({ n }) => n > 0);
  const since = reviews.findLastIndex((review) => review.state !== 'cleared') + 1;
  const cleared = could[(reviews[since]?.after ?? 0) - 1];
  if (cleared === undefined) return null;
  let [weeks, due] = [LOOK_AGAIN.first as number, weeksAfter(cleared.day, LOOK_AGAIN.first)];
  for (const { day } of could) {
    if (day < due) continue;
    weeks = Math.min(LOOK_AGAIN.most, 2 * weeks);
    due = weeksAfter(day, weeks);
  }
  return { due, weeks };
}

const weeksAfter = (day: string, weeks: number): string => new Date(Date.parse(day) + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
