import { grouped } from '../grouped.js';
import type { FaultUnit } from '../catalogue/fault.js';
import type { Attempt, MarkKind } from './marks.js';
import type { Timed } from './times.js';

/** Marks of which one at least says that an attempt gave a chance for a fault of a unit; of the others each attempt did. */
const SHOWN: Readonly<Partial<Record<FaultUnit, readonly MarkKind[]>>> = {
  split: ['split-up', 'split-down'],
  strike: ['own-contact'],
  arrival: ['left-down', 'right-down', 'own-contact'],
  back: ['back-begun', 'back'],
  call: ['cue', 'contact', 'release'],
};

/** An attempt is known again by the frame of its first mark. */
export const startOf = (attempt: Attempt): number => attempt[0]?.frame ?? 0;

/**
 * Attempts of a clip that gave a chance for a fault of a unit: those in which what shows it was marked.
 * @example chancesOf([[{ kind: 'split-down', frame: 3 }], [{ kind: 'back', frame: 9 }]], 'split').length // 1
 */
export const chancesOf = (attempts: readonly Attempt[], per: FaultUnit): Attempt[] => {
  const shown = SHOWN[per];
  return attempts.filter((marks) => !shown || marks.some(({ kind }) => shown.includes(kind)));
};

/**
 * Of the attempts that gave a chance, those in which a fault was seen. What was seen goes with the attempt that it was said of, wherever
 * its marks go afterwards: the last that begins no later.
 * @param seen frames by which attempts were known when it was said.
 */
export function faultyOf(attempts: readonly Attempt[], per: FaultUnit, seen: readonly number[]): Attempt[] {
  const said = new Set(seen.map((frame) => attempts.findLast((marks) => startOf(marks) <= frame) ?? attempts[0]));
  return chancesOf(attempts, per).filter((marks) => said.has(marks));
}

/** In which attempts a fault was seen, and of which side, where that was said: each by the frame of its first mark. */
export interface SeenIn {
  readonly seen: readonly number[];
  readonly left: readonly number[];
  readonly right: readonly number[];
}

/** How many attempts gave a chance for a fault, how many showed it, and on which side as far as that was said. */
export function tallyOf(
  attempts: readonly Attempt[],
  per: FaultUnit,
  { seen, left, right }: SeenIn,
): Readonly<Record<'attempts' | 'faulty' | 'left' | 'right', number>> {
  const faulty = faultyOf(attempts, per, seen);
  const on = (side: readonly number[]): number => faultyOf(attempts, per, side).filter((marks) => faulty.includes(marks)).length;
  return { attempts: chancesOf(attempts, per).length, faulty: faulty.length, left: on(left), right: on(right) };
}

/** Faults that times alone show, where they lie outside their window for certain. */
const BY_TIME = [
  { time: 'split', before: 'split-early', after: 'split-late' },
  { time: 'strike', before: 'land-late', after: 'land-early' },
  { time: 'hand', before: 'out-of-time', after: 'out-of-time' },
] as const;

/**
 * What times say of attempts, counted from 1, without anybody looking: a fault by its code. A film that cannot tell says nothing.
 */
export function measuredFaults(times: readonly Timed[]): ReadonlyMap<string, readonly number[]> {
  const found = times.flatMap(({ attempt, time, took, window, judged }) => {
    const by = BY_TIME.find((one) => one.time === time);
    if (!by || !window || judged?.told !== 'outside') return [];
    return [{ fault: took.seconds < window[0] ? by.before : by.after, attempt }];
  });
  return new Map([...grouped(found, ({ fault }) => fault)].map(([fault, all]) => [fault, all.map(({ attempt }) => attempt)]));
}
