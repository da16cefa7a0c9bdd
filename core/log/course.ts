import type { Occasion } from '../plan/occasions.js';
import type { Leg } from './clock.js';

/** The occasions that a run came through in a leg, by their first and last place among the plan's; last before first: none. */
interface Through {
  readonly first: number;
  readonly last: number;
}

/** The first occasion for which something holds that then holds of all after it; as many as there are, if of none. */
export function firstWhere(occasions: readonly Occasion[], holds: (one: Occasion) => boolean): number {
  let [low, high] = [0, occasions.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(occasions[middle] as Occasion)) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Occasions that a leg touched, begun in it or before it. */
export const through = (occasions: readonly Occasion[], { from, to }: Leg): Through => ({
  first: firstWhere(occasions, ({ end }) => end > from),
  last: firstWhere(occasions, ({ start }) => start >= to) - 1,
});

/**
 * The occasion that was on at a second of the plan in the last of these legs, or the last one before it that was run, and the leg it
 * was run in; null: none. In a rest it is the one before the rest, after a skip the one before the skip.
 */
export function occasionAt(occasions: readonly Occasion[], legs: readonly Leg[], t: number): { at: number; leg: Leg } | null {
  for (let i = legs.length - 1; i >= 0; i--) {
    const leg = legs[i] as Leg;
    const upTo = i === legs.length - 1 ? t : leg.to;
    const at = firstWhere(occasions, ({ start }) => (i === legs.length - 1 ? start > upTo : start >= upTo)) - 1;
    if (at >= 0 && (occasions[at] as Occasion).end > leg.from) return { at, leg };
  }
  return null;
}

/** The occasion so many further among those that were run, each once; −1 where there is none. */
export function stepped(occasions: readonly Occasion[], legs: readonly Leg[], at: number, by: number): number {
  if (by === 0 || at < 0) return at;
  const run = legs.flatMap((leg) => {
    const { first, last } = through(occasions, leg);
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => first + k);
  });
  const once = [...new Set(run)];
  const place = once.indexOf(at);
  return place < 0 ? at : (once[place + by] ?? -1);
}
