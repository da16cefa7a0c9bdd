import type { FaultUnit, View } from '../catalogue/fault.js';
import type { Dose } from '../language/rounds.js';
import type { Simulation } from '../motion/simulation.js';
import { phasesOf, roundSeconds, wholeReps, type Phase } from './phases.js';

/** One repetition as the clock knows it: its seconds and when in it each unit gives a chance. */
export interface RepPlan {
  readonly seconds: number;
  readonly chances: Readonly<Partial<Record<FaultUnit, readonly number[]>>>;
}

/** Rounds of one pattern: the dose, and the repetition when attempts come from the plan; without it they are tapped. */
export interface RoundsPlan {
  readonly dose: Dose;
  readonly rep: RepPlan | null;
}

/** A stretch of a session's clock: which exercise it belongs to, and when which repetition of it starts (seconds from its start). */
export interface SessionPhase extends Phase {
  readonly exercise: number;
  /** Goes on until the coach says so. */
  readonly open: boolean;
  /** Start and place among `reps`. */
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

/** What sounds at a moment. */
export const SOUNDS = ['work', 'rest', 'end', 'chime', 'beat'] as const;
export type Sound = (typeof SOUNDS)[number];

/** A moment at which a session says, shows or sounds something. */
export interface PlannedCue {
  readonly at: number;
  readonly kind: string;
  readonly say: string;
  readonly show: string;
  readonly sound: Sound | null;
  /** At a freeze: whether the athlete could go on, as it was simulated. */
  readonly couldGoOn: boolean | null;
}

/** A whole session as it is run: what was planned, drawn calls included, whatever becomes of it later. */
export interface SessionPlan {
  readonly exercises: readonly PlannedExercise[];
  readonly reps: readonly RepPlan[];
  readonly phases: readonly SessionPhase[];
  readonly cues: readonly PlannedCue[];
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
  if (sim.seconds <= 0) return null;
  const chances: Partial<Record<FaultUnit, number[]>> = { repetition: [0] };
  for (const move of sim.moves) for (const unit of move.units) (chances[unit] ??= []).push(move.start);
  return { seconds: sim.seconds, chances };
}

export function planPhases(plan: RunPlan): readonly Phase[] {
  return isSession(plan) ? plan.phases : phasesOf(plan.dose, plan.rep?.seconds ?? null);
}

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
  if (isSession(plan)) return plan.phases.flatMap((phase) => attemptsIn(phase, phase.done, plan.reps, unit, phase.exercise));
  const { dose, rep } = plan;
  if (rep === null) return [];
  const whole = dose.mode === 'reps' ? dose.work : wholeReps(roundSeconds(dose, rep.seconds), rep.seconds);
  const done = Array.from({ length: whole }, (_, k) => [k * rep.seconds, 0] as const);
  return planPhases(plan).flatMap((phase) => (phase.kind === 'work' ? attemptsIn(phase, done, [rep], unit, 0) : []));
}

/** A chance lasts until the next one of its phase; the last one until its repetition ends. */
function attemptsIn(phase: Phase, done: SessionPhase['done'], reps: readonly RepPlan[], unit: FaultUnit, exercise: number): Attempt[] {
  const attempts: { -readonly [K in keyof Attempt]: Attempt[K] }[] = [];
  done.forEach(([at, which], k) => {
    const rep = reps[which];
    for (const chance of rep?.chances[unit] ?? []) {
      const start = phase.start + at + chance;
      const before = attempts.at(-1);
      if (before) before.end = start;
      attempts.push({
        start,
        end: phase.start + at + (rep?.seconds ?? 0),
        set: phase.set,
        round: phase.round,
        repetition: k + 1,
        exercise,
      });
    }
  });
  return attempts;
}
