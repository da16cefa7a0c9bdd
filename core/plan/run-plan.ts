import type { FaultUnit, View } from '../catalogue/fault.js';
import type { Rounds } from '../language/rounds.js';
import type { Simulation } from '../motion/simulation.js';
import type { Cue } from './cue.js';
import { ms } from './ms.js';
import { stretchesOfRounds } from './rounds.js';
import type { PlannedStretch, Stretch } from './stretch.js';

/** One repetition as the clock knows it: its seconds and when in it each unit gives a chance. */
export interface RepPlan {
  readonly seconds: number;
  readonly chances: Readonly<Partial<Record<FaultUnit, readonly number[]>>>;
}

/** Rounds of one pattern: the dose, and the repetition when attempts come from the plan; without it they are tapped. */
export interface RoundsPlan {
  readonly dose: Rounds;
  readonly rep: RepPlan | null;
}

/** A stretch of a run's clock with what is done in it. */
export interface RunStretch extends Stretch {
  /** Each repetition's start (seconds from the stretch's) and its place among `reps`. */
  readonly done: readonly (readonly [number, number])[];
}

/** One exercise of a session as it is run. */
interface PlannedExercise {
  readonly name: string;
  /** The stage it was planned as. */
  readonly stage: string;
  readonly steps: string;
  readonly watch: readonly string[];
  readonly view: View;
}

/** A whole session as it is run: what was planned, drawn calls included, whatever becomes of it later. */
export interface SessionPlan {
  readonly exercises: readonly PlannedExercise[];
  readonly reps: readonly RepPlan[];
  readonly phases: readonly RunStretch[];
  readonly cues: readonly Cue[];
  /** Landings after jumps, hops and gallops as they were planned then; null where an earlier program did not keep them. */
  readonly landings: number | null;
}

/** What a run follows. */
export type RunPlan = RoundsPlan | SessionPlan;

export const isSession = (plan: RunPlan): plan is SessionPlan => 'exercises' in plan;

/** Whether attempts are closed by a tap, because no plan yields them. */
export const isTapped = (plan: RunPlan): boolean => !isSession(plan) && plan.rep === null;

/** The repetition of a simulated pattern; null when it takes no time. */
export function repPlanOf(sim: Simulation): RepPlan | null {
  const chances: Partial<Record<FaultUnit, number[]>> = { repetition: [0] };
  for (const move of sim.moves) for (const unit of move.units) (chances[unit] ??= []).push(ms(move.start));
  // A repetition of less than a millisecond is none.
  return ms(sim.seconds) > 0 ? { seconds: ms(sim.seconds), chances } : null;
}

/** The clock that a run follows. */
export function stretchesOfPlan(plan: RunPlan): readonly Stretch[] {
  return isSession(plan) ? plan.phases : roundsOf(plan);
}

const roundsOf = ({ dose, rep }: RoundsPlan): readonly PlannedStretch[] => stretchesOfRounds(dose, rep?.seconds ?? null);

/** One chance for a fault to show: from its start until the next one's start, seconds of the plan. Repetitions count from 1. */
export interface Attempt {
  readonly start: number;
  readonly end: number;
  readonly set: number;
  readonly round: number;
  readonly repetition: number;
  /** Place of its exercise in a session; 0 in rounds of one pattern. */
  readonly exercise: number;
}

/** All attempts of a unit that the plan yields, in order; only whole repetitions of a round hold any. */
export function attemptsOf(plan: RunPlan, unit: FaultUnit): Attempt[] {
  if (isSession(plan)) return plan.phases.flatMap((stretch) => attemptsIn(stretch, plan.reps, unit));
  const { rep } = plan;
  if (rep === null) return [];
  return roundsOf(plan).flatMap((stretch) => {
    const done = Array.from({ length: stretch.reps }, (_, k) => [k * rep.seconds, 0] as const);
    return attemptsIn({ ...stretch, done }, [rep], unit);
  });
}

/** A chance lasts until the next one of its stretch; the last one until its repetition ends. */
function attemptsIn({ done, start: from, set, round, exercise }: RunStretch, reps: readonly RepPlan[], unit: FaultUnit): Attempt[] {
  const attempts: { -readonly [K in keyof Attempt]: Attempt[K] }[] = [];
  done.forEach(([at, which], k) => {
    const rep = reps[which];
    for (const chance of rep?.chances[unit] ?? []) {
      const start = from + at + chance;
      const before = attempts.at(-1);
      if (before) before.end = start;
      attempts.push({ start, end: from + at + (rep?.seconds ?? 0), set, round, repetition: k + 1, exercise });
    }
  });
  return attempts;
}
