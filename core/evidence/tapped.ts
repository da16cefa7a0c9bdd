/** What taps in time with something that comes again and again say of it. */
export interface Tapped {
  /** Mean of the intervals that count, seconds. */
  readonly seconds: number;
  /** Their standard deviation, seconds. */
  readonly spread: number;
  readonly n: number;
  /** Intervals that were a missed tap or a double one. */
  readonly leftOut: number;
}

/** Fewer intervals say nothing of what somebody takes (common practice, no source). */
const LEAST = 4;
/** An interval shorter than this share of the middle one was tapped twice, one longer than that many was missed (common practice, no source). */
const [TWICE, MISSED] = [0.6, 1.5] as const;

/**
 * The interval of something that was tapped to, from the moments of the taps (ms, in order); null while there are too few. One that is
 * far from the middle one is left out, and said.
 * @param inARow whether each tap is the end of one and the beginning of the next; otherwise beginning and end take turns.
 * @param least so many intervals at least.
 * @example tapped([0, 500, 1000, 1500, 2000], true) // { seconds: 0.5, spread: 0, n: 4, leftOut: 0 }
 */
export function tapped(taps: readonly number[], inARow: boolean, least = LEAST): Tapped | null {
  const all = taps
    .slice(1)
    .map((at, i) => (at - (taps[i] as number)) / 1000)
    .filter((_, i) => inARow || i % 2 === 0);
  const middle = [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0;
  const kept = all.filter((one) => one >= TWICE * middle && one <= MISSED * middle);
  if (kept.length < least || middle <= 0) return null;
  const seconds = kept.reduce((sum, one) => sum + one, 0) / kept.length;
  const spread = Math.sqrt(kept.reduce((sum, one) => sum + (one - seconds) ** 2, 0) / (kept.length - 1));
  return { seconds, spread, n: kept.length, leftOut: all.length - kept.length };
}
