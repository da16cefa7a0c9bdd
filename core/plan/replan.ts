import type { Cue } from './cue.js';
import { beyond } from './unfolds.js';
import {
  cuesOf,
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
 * and is no work may end at another second than it would have; of work that is on, what was begun of it stays.
 */
export function staysUntil(plan: RunPlan, change: PlanChange): number {
  const [old, now] = [stretchesOfPlan(plan)[change.from], change.phases[0]];
  if (!old || !now || !SAME.every((key) => old[key] === now[key])) return changesAt(plan, change);
  if (old.kind === 'work') return old.start + sameFor(old, now);
  return old.end !== now.end ? Math.min(old.end, now.end) : changesAt(plan, change);
}

/** For how many seconds of work the same is done as before: up to the first that begins at another moment or is another, or to its end. */
function sameFor(old: RunStretch, now: RunStretch): number {
  const differs = Array.from({ length: Math.max(old.done.length, now.done.length) }, (_, k) => [old.done[k], now.done[k]] as const).find(
    ([was, is]) => was?.[0] !== is?.[0] || was?.[1] !== is?.[1],
  );
  const starts = (differs ?? []).flatMap((one) => (one === undefined ? [] : [one[0]]));
  return Math.min(old.end - old.start, now.end - now.start, ...starts);
}

const SAME = ['kind', 'start', 'exercise', 'set', 'round'] as const;

/**
 * Whether a change can follow on a plan: its stretches one after the other from where it changes, of exercises and repetitions that are
 * there, and together no more than anybody runs; nothing at all is no plan. Rounds of one pattern are of no other exercise.
 */
export function fits(plan: RunPlan, change: PlanChange): boolean {
  const { from, phases } = change;
  const stretches = stretchesOfPlan(plan);
  const [exercises, reps] = [exercisesOf(plan) + change.exercises.length, repsOfPlan(plan).length + change.reps.length];
  if (!isSession(plan) && change.exercises.length + (plan.rep === null ? change.reps.length : 0) > 0) return false;
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
  const at = changesAt(plan, change);
  const reps = [...(plan.reps ?? []), ...change.reps];
  const cues = [...cuesOf(plan).filter((cue) => cue.at < at - 1e-6), ...change.cues];
  if (!isSession(plan)) return { ...plan, stretches: phases, ...(reps.length > 0 && { reps }), ...(cues.length > 0 && { cues }) };
  return { exercises: [...plan.exercises, ...change.exercises], reps, phases, cues, landings: null };
}
