import { isSession, repsOfPlan, type RepPlan, type RunPlan, type RunStretch } from './run-plan.js';
import { stretchesOfRounds } from './rounds.js';

/** What a plan comes to when it is counted: occasions, and chances of all units in them. */
export interface Unfolded {
  readonly occasions: number;
  readonly chances: number;
}

/** As many as six hours hold, one every second; a plan with more is a slip, and would keep others waiting. */
export const PLAN_LIMITS: Unfolded = { occasions: 22_000, chances: 250_000 };

const chancesOf = (rep: RepPlan | undefined): number => Object.values(rep?.chances ?? {}).reduce((sum, moments) => sum + moments.length, 0);

/**
 * What a plan comes to, counted and not made: the cost is that of its text, whatever it holds.
 * @example unfoldsTo({ dose: { mode: 'reps', work: 10, rounds: 3, sets: 1, rest: 0, setRest: null }, rep: { seconds: 2, chances: { step: [0, 1] } } }) // { occasions: 30, chances: 60 }
 */
export function unfoldsTo(plan: RunPlan): Unfolded {
  const made = known.get(plan) ?? counted(plan);
  known.set(plan, made);
  return made;
}

const known = new WeakMap<RunPlan, Unfolded>();

function counted(plan: RunPlan): Unfolded {
  if (isSession(plan)) return ofStretches(plan.phases, repsOfPlan(plan));
  if (plan.stretches) return ofStretches(plan.stretches, repsOfPlan(plan));
  if (plan.rep === null) return { occasions: 0, chances: 0 };
  const occasions = stretchesOfRounds(plan.dose, plan.rep.seconds).reduce((sum, { reps }) => sum + reps, 0);
  return { occasions, chances: occasions * chancesOf(plan.rep) };
}

function ofStretches(phases: readonly RunStretch[], reps: readonly RepPlan[]): Unfolded {
  const each = reps.map(chancesOf);
  let [occasions, chances] = [0, 0];
  for (const { done, others = [] } of phases)
    for (const of of [done, ...others]) {
      occasions += of.length;
      for (const [, rep] of of) chances += each[rep] ?? 0;
    }
  return { occasions, chances };
}

/** Which limit a plan goes beyond, if any. */
export function beyond(plan: RunPlan): keyof Unfolded | null {
  const { occasions, chances } = unfoldsTo(plan);
  return occasions > PLAN_LIMITS.occasions ? 'occasions' : chances > PLAN_LIMITS.chances ? 'chances' : null;
}
