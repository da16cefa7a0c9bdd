/** How much work: seconds or repetitions a round. Rest is asked for: null means not decided. */
export interface Dose {
  readonly mode: 'seconds' | 'reps';
  /** Seconds, or repetitions, of one round. */
  readonly work: number;
  readonly rounds: number;
  readonly sets: number;
  /** Seconds between rounds of a set. */
  readonly rest: number | null;
  /** Seconds between sets; it replaces the round's rest. */
  readonly setRest: number | null;
}

/** Limits of a dose: seconds, counts. A plan longer than `total` seconds is a slip. */
export const DOSE_LIMITS = { seconds: 3600, reps: 1000, rounds: 100, sets: 50, rest: 3600, total: 6 * 3600 } as const;
