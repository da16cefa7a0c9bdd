import type { Cue } from './cue.js';
import { beyond } from './unfolds.js';
import {
  isSession,
  repsOfPlan,
  stretchesOfPlan,
  type PlannedExercise,
  type RepPlan,
  type RunPlan,
  type RunStretch,
  type SessionPlan,
} from './run-plan.js';

/**
 * What becomes of a plan from a stretch on: compiled as it will be run, so that no later version draws it otherwise. Exercises and
 * repetitions stand behind those of the plan before; stretches and cues are in seconds of the plan.
 */
export interface PlanChange {
  /** How many stretches of the plan before stay; the others are gone. */
  readonly from: number;
  readonly exercises: readonly PlannedExercise[];
  readonly reps: readonly RepPlan[];
  readonly phases: readonly RunStretch[];
  readonly cues: readonly Cue[];
}

/** When the changed part of a plan begins, seconds of the plan. */
export function changesAt(plan: RunPlan, { from }: Pick<PlanChange, 'from'>): number {
  const stretches = stretchesOfPlan(plan);
  return stretches[from]?.start ?? stretches.at(-1)?.end ?? 0;
}

/**
 * Up to which second of a plan (s) a change leaves it as it is: who has not come there has seen nothing of what it takes away. What is on
 * and is no work may end at another second than it would have.
 */
export function staysUntil(plan: RunPlan, change: PlanChange): number {
  const [old, now] = [stretchesOfPlan(plan)[change.from], change.phases[0]];
  const same = old && now && SAME.every((key) => old[key] === now[key]);
  return same && old.kind !== 'work' && old.end !== now.end ? Math.min(old.end, now.end) : changesAt(plan, change);
}

const SAME = ['kind', 'start', 'exercise', 'set', 'round'] as const;

/**
 * Whether a change can follow on a plan: its stretches one after the other from where it changes, of exercises and repetitions that are
 * there, and together no more than anybody runs; nothing at all is no plan. Rounds of one pattern say nothing and hold nothing else.
 */
export function fits(plan: RunPlan, change: PlanChange): boolean {
  const { from, phases, cues } = change;
  const stretches = stretchesOfPlan(plan);
  const [exercises, reps] = [exercisesOf(plan) + change.exercises.length, repsOfPlan(plan).length + change.reps.length];
  if (!isSession(plan) && change.exercises.length + change.reps.length + cues.length > 0) return false;
  if (from > stretches.length || from + phases.length === 0 || beyond(changed(plan, change)) !== null) return false;
  let at = changesAt(plan, change);
  return phases.every(({ start, end, exercise, done, others = [], line }) => {
    const follows = Math.abs(start - at) < 0.002 && end >= start;
    at = end;
    const known = [done, ...others].every((of) => of.every(([, rep]) => rep < reps));
    return follows && exercise < exercises && known && (line ?? 0) < Math.max(1, reps);
  });
}

const exercisesOf = (plan: RunPlan): number => (isSession(plan) ? plan.exercises.length : 1);

/** A plan with another rest. Landings were planned for the whole and are not known any more. */
export function changed(plan: SessionPlan, change: PlanChange): SessionPlan;
export function changed(plan: RunPlan, change: PlanChange): RunPlan;
export function changed(plan: RunPlan, change: PlanChange): RunPlan {
  const phases = [...stretchesOfPlan(plan).slice(0, change.from), ...change.phases];
  if (!isSession(plan)) return { ...plan, stretches: phases };
  const at = changesAt(plan, change);
  return {
    exercises: [...plan.exercises, ...change.exercises],
    reps: [...plan.reps, ...change.reps],
    phases,
    cues: [...plan.cues.filter((cue) => cue.at < at - 1e-6), ...change.cues],
    landings: null,
  };
}
