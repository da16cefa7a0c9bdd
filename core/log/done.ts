import type { RepPlan } from '../plan/run-plan.js';

/** What one athlete did in a run, by its plan and its clock, watched or not. */
export interface Done {
  readonly athlete: string;
  /** Lines: repetitions, calls or balls that were gone through. */
  readonly lines: number;
  /** Landings after jumps, hops and gallops, and lunges. */
  readonly landings: number;
  readonly lunges: number;
  /** Lines of which an earlier program kept neither. */
  readonly notKept: number;
}

/** A line that was gone through: what it is, when (ms of the run), and whose turn it was. */
export interface Gone {
  readonly rep: RepPlan | undefined;
  readonly m: number;
  readonly turn: (athlete: string) => boolean;
}

/**
 * What each athlete did: of those who were there, whose turn it was.
 * @example doneBy([{ rep: { seconds: 1, chances: {}, load: { landings: 2, lunges: 1 } }, m: 0, turn: () => true }], () => ['a'])[0].landings // 2
 */
export function doneBy(gone: readonly Gone[], hereAt: (m: number) => readonly string[]): Done[] {
  const all = new Map<string, { -readonly [K in keyof Done]: Done[K] }>();
  for (const { rep, m, turn } of gone)
    for (const athlete of hereAt(m)) {
      if (!turn(athlete)) continue;
      const sum = all.get(athlete) ?? { athlete, lines: 0, landings: 0, lunges: 0, notKept: 0 };
      all.set(athlete, sum);
      sum.lines++;
      sum.landings += rep?.load?.landings ?? 0;
      sum.lunges += rep?.load?.lunges ?? 0;
      if (rep?.load === undefined) sum.notKept++;
    }
  return [...all.values()];
}
