import type { RunLog } from '../log/run-log.js';

/** Occasions of an exercise that an athlete was watched through, and how many of them were not clean. */
export function cleanOf(log: RunLog, exercise: number, athlete: string): { readonly n: number; readonly hits: number } {
  const one = log.details().clean.find((row) => row.exercise === exercise && row.athlete === athlete && row.result === null);
  return { n: (one?.clean ?? 0) + (one?.faulty ?? 0), hits: one?.faulty ?? 0 };
}
