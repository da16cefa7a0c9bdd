import { DOSE_LIMITS, doseBy, exactly, type Dose } from './dose.js';

/** Rounds of one pattern as they are kept: the doses that six boxes can say. Everything is computed from the dose they stand for. */
export interface Rounds {
  readonly mode: 'seconds' | 'reps';
  /** Seconds, or repetitions, of one round. */
  readonly work: number;
  readonly rounds: number;
  readonly sets: number;
  /** Seconds between rounds of a set; null where it is not decided, and asked for. */
  readonly rest: number | null;
  /** Seconds between sets; it replaces the round's rest. */
  readonly setRest: number | null;
}

/** Limits of rounds: seconds, counts. A plan longer than `total` seconds is a slip. */
export const ROUNDS_LIMITS = {
  seconds: DOSE_LIMITS.seconds,
  reps: DOSE_LIMITS.count,
  rounds: DOSE_LIMITS.rounds,
  sets: DOSE_LIMITS.sets,
  rest: 3600,
  total: 6 * 3600,
} as const;

/**
 * The dose that rounds stand for.
 * @example fromRounds({ mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null }).work // { by: 'time', seconds: { low: 30, high: 30 } }
 */
export const fromRounds = ({ mode, work, rounds, sets, rest, setRest }: Rounds): Dose =>
  doseBy(mode === 'seconds' ? { by: 'time', seconds: exactly(work) } : { by: 'count', count: exactly(work), of: 1, within: null }, {
    rounds: exactly(rounds),
    sets: exactly(sets),
    rest,
    setRest,
  });

/** The same the other way: null where a dose is more than rounds of one pattern can say. */
export function toRounds(dose: Dose): Rounds | null {
  const { work, rounds, sets, rest, setRest } = dose;
  const number = work.by === 'time' ? work.seconds : work.by === 'count' && work.of === 1 && work.within === null ? work.count : null;
  const ranges = [number, rounds, sets];
  if (number === null || ranges.some((range) => range === null || range.low !== range.high)) return null;
  if (dose.sides || dose.chimes.length > 0 || dose.alternate || dose.speaks || dose.challenge) return null;
  if ((rest !== null && typeof rest === 'object') || (setRest !== null && typeof setRest === 'object')) return null;
  return { mode: work.by === 'time' ? 'seconds' : 'reps', work: number.low, rounds: rounds.low, sets: sets.low, rest, setRest };
}
