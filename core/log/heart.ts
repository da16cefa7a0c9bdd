/** Beats in a minute towards which a heart goes in work and in rest, and seconds after which two thirds of the way are gone (common practice, no source). */
const HEART = { work: { to: 168, in: 30 }, rest: { to: 108, in: 45 } } as const;

/** Beats in a minute of somebody who has moved a little. */
export const HEART_BEGINS = 92;

/**
 * How a heart that stands in for a real one beats so many seconds later, at work or at rest.
 * @example Math.round(heartAfter(92, 30, true)) // 140
 */
export function heartAfter(bpm: number, seconds: number, working: boolean): number {
  const goal = working ? HEART.work : HEART.rest;
  return bpm + (goal.to - bpm) * (1 - Math.exp(-seconds / goal.in));
}
