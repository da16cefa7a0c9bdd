import type { Cue } from './cue.js';
import { beyond } from './unfolds.js';
import type { PlannedExercise, RepPlan, RunStretch, SessionPlan } from './run-plan.js';

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
export const changesAt = ({ phases }: SessionPlan, { from }: Pick<PlanChange, 'from'>): number =>
  phases[from]?.start ?? phases.at(-1)?.end ?? 0;

/**
 * Whether a change can follow on a plan: its stretches one after the other from where it changes, of exercises and repetitions that are
 * there, and together no more than anybody runs; nothing at all is no plan.
 */
export function fits(plan: SessionPlan, change: PlanChange): boolean {
  const { from, phases } = change;
  const [exercises, reps] = [plan.exercises.length + change.exercises.length, plan.reps.length + change.reps.length];
  if (from > plan.phases.length || from + phases.length === 0 || beyond(changed(plan, change)) !== null) return false;
  let at = changesAt(plan, change);
  return phases.every(({ start, end, exercise, done, line }) => {
    const follows = Math.abs(start - at) < 0.002 && end >= start;
    at = end;
    return follows && exercise < exercises && done.every(([, rep]) => rep < reps) && (line ?? 0) < Math.max(1, reps);
  });
}

/** A plan with another rest. Landings were planned for the whole and are not known any more. */
export function changed(plan: SessionPlan, change: PlanChange): SessionPlan {
  const at = changesAt(plan, change);
  return {
    exercises: [...plan.exercises, ...change.exercises],
    reps: [...plan.reps, ...change.reps],
    phases: [...plan.phases.slice(0, change.from), ...change.phases],
    cues: [...plan.cues.filter((cue) => cue.at < at - 1e-6), ...change.cues],
    landings: null,
  };
}
