import type { Frames } from './frames.js';

/** What a clock that is seen in the picture says in a frame, seconds. */
export interface ClockSeen {
  readonly frame: number;
  readonly says: number;
}

/** A clip plays no more than so many times slower than life: 8 would be 240 pictures a second shown at 30. */
export const MOST_SLOW = 100;

/**
 * How many times slower than life a clip plays, from a clock in its picture that was read twice; null where that says nothing: the same
 * frame, a clock that stands or goes back, or that goes faster than the film.
 * @example slowByClock([0, 1, 2, 3, 4], { frame: 0, says: 10 }, { frame: 4, says: 11 }) // 4
 */
export function slowByClock(frames: Frames, one: ClockSeen, other: ClockSeen): number | null {
  const [first, last] = one.frame < other.frame ? [one, other] : [other, one];
  const [film, clock] = [(frames[last.frame] ?? Number.NaN) - (frames[first.frame] ?? Number.NaN), last.says - first.says];
  const slow = film / clock;
  // A clock is read to its last digit: what is hardly another speed is none.
  return clock > 0 && slow >= NO_SLOWER && slow <= MOST_SLOW ? Math.max(1, slow) : null;
}

const NO_SLOWER = 0.98;

/**
 * How many times slower than life a clip plays whose camera says how many pictures a second it took; 1 where it plays as it was.
 * @param taken pictures a second that were taken.
 * @example slowByRate([0, 1 / 30, 2 / 30], 240).toFixed(1) // '8.0'
 */
export function slowByRate(frames: Frames, taken: number): number {
  const shown = (frames.length - 1) / ((frames.at(-1) ?? 0) - (frames[0] ?? 0));
  const slow = taken / shown;
  // A rate as it is called, and as it came out, differ by a little.
  return Number.isFinite(slow) && slow >= SLOWER && slow <= MOST_SLOW ? slow : 1;
}

const SLOWER = 1.25;

/** The times of a clip's frames as they were in life. @example inLife([0, 0.4], 4) // [0, 0.1] */
export const inLife = (frames: Frames, slow: number): Frames => (slow === 1 ? frames : frames.map((one) => one / slow));
