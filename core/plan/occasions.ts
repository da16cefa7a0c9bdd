import type { FaultUnit } from '../catalogue/fault.js';
import { ms } from './ms.js';
import { repsOfPlan, stretchesOfPlan, type RepPlan, type RunPlan } from './run-plan.js';

/** What the chances of one line belong to: a repetition by the plan, or a call. Seconds of the plan; repetitions count from 1. */
export interface Occasion {
  readonly start: number;
  readonly end: number;
  readonly set: number;
  readonly round: number;
  readonly repetition: number;
  /** Place of its exercise in a session; 0 in rounds of one pattern. */
  readonly exercise: number;
  /** Places of its stretch in the plan and of its repetition among the plan's. */
  readonly stretch: number;
  readonly rep: number;
}

/** What an occasion by the plan is called: which repetition of its round, as it is counted aloud, or what a chime had done. */
export function namedIn(plan: RunPlan, { stretch, repetition }: Pick<Occasion, 'stretch' | 'repetition'>): number | string {
  const reps = repsOfPlan(plan);
  const upTo = (stretchesOfPlan(plan)[stretch]?.done ?? []).slice(0, repetition).map(([, rep]) => reps[rep]?.chimed);
  return upTo[repetition - 1] ?? repetition - upTo.filter((chimed) => chimed !== undefined).length;
}

/** From a chance's start to its end, seconds from the start of its occasion. */
export type Window = readonly [number, number];

/** All occasions that the plan yields, in order; only whole repetitions are any. */
export function occasionsOf(plan: RunPlan): Occasion[] {
  const reps = repsOfPlan(plan);
  return stretchesOfPlan(plan).flatMap(({ done, start: from, set, round, exercise }, stretch) =>
    done.map(([at, rep], k): Occasion => {
      const start = ms(from + at);
      return { start, end: ms(start + (reps[rep]?.seconds ?? 0)), set, round, repetition: k + 1, exercise, stretch, rep };
    }),
  );
}

/** The chances of a unit in a repetition: each lasts until the next one, the last until the repetition ends. */
export function windowsOf(rep: RepPlan | undefined, unit: FaultUnit): Window[] {
  const starts = rep?.chances[unit] ?? [];
  return starts.map((start, i) => [start, starts[i + 1] ?? rep?.seconds ?? start] as const);
}

/** One chance for a fault to show: an attempt at what the fault is counted by. */
export interface Attempt extends Occasion {
  /** Place of its occasion among the plan's. */
  readonly occasion: number;
}

/** All attempts of a unit that the plan yields, in order. */
export function attemptsOf(plan: RunPlan, unit: FaultUnit): Attempt[] {
  const windows = repsOfPlan(plan).map((rep) => windowsOf(rep, unit));
  return occasionsOf(plan).flatMap((one, occasion) =>
    (windows[one.rep] ?? []).map(([from, to]) => ({ ...one, occasion, start: ms(one.start + from), end: ms(one.start + to) })),
  );
}

/**
 * What an exercise gives chances for, of whatever group; null where attempts are tapped, and anything may show.
 * @param exercise its place in the session; 0 in rounds of one pattern.
 */
export function unitsOf(plan: RunPlan, exercise: number): ReadonlySet<FaultUnit> | null {
  const reps = repsOfPlan(plan);
  const those = stretchesOfPlan(plan)
    .filter((stretch) => stretch.kind === 'work' && stretch.exercise === exercise)
    .flatMap(({ done, others = [], line }) => [...[done, ...others].flat().map(([, rep]) => rep), ...(line === undefined ? [] : [line])]);
  if (those.length === 0) return null;
  const chances = [...new Set(those)].flatMap((rep) => Object.entries(reps[rep]?.chances ?? {}));
  return new Set(chances.flatMap(([unit, at]) => (at.length > 0 ? [unit as FaultUnit] : [])));
}
