/** How loud the loudest sample of a word is made, of 1. */
const LOUD = 0.95;

/**
 * A word without the silence before and behind it, as loud as any other; null where nothing is loud enough.
 * @param samples −1…1.
 * @param threshold what is no silence, of 1.
 * @param around samples that are left of the silence on both sides.
 */
export function trimmed(samples: Float32Array, threshold: number, around = 0): Float32Array | null {
  const loud = (sample: number): boolean => Math.abs(sample) > threshold;
  const from = samples.findIndex(loud);
  if (from < 0) return null;
  const peak = samples.reduce((most, one) => Math.max(most, Math.abs(one)), 0);
  const to = samples.findLastIndex(loud);
  return samples.slice(Math.max(0, from - around), to + 1 + around).map((one) => (LOUD * one) / peak);
}
