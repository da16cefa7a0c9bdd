import type { PlannedStretch } from '../plan/stretch.js';

/** What a stage's dose adds up to. Seconds; at least so much while something is open. */
export interface PartSums {
  readonly work: number;
  readonly rest: number;
  readonly total: number;
  /** Repetitions as written and on the other side or lead. */
  readonly reps: readonly [number, number];
  readonly rests: number;
  readonly setRests: number;
}

export function sumsOf(parts: readonly PlannedStretch[]): PartSums {
  const sum = (kinds: readonly PlannedStretch['kind'][]): number =>
    parts.filter((part) => kinds.includes(part.kind)).reduce((all, part) => all + part.end - part.start, 0);
  const reps = (way: 0 | 1): number =>
    parts.filter((part) => part.way === way && part.wave === 1).reduce((all, part) => all + part.reps, 0);
  const work = sum(['work']);
  const rest = sum(['rest', 'set-rest']);
  return {
    work,
    rest,
    total: work + rest,
    reps: [reps(0), reps(1)],
    rests: parts.filter((part) => part.kind === 'rest').length,
    setRests: parts.filter((part) => part.kind === 'set-rest').length,
  };
}
