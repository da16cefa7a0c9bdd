import { phasesOf, roundSeconds, wholeReps, type Dose, type Phase } from '../dose/dose.js';
import type { FaultUnit } from '../faults/fault.js';
import type { Simulation } from '../simulate/simulation.js';

/** One repetition as the clock knows it: its seconds and when in it each unit gives a chance. */
export interface RepPlan {
  readonly seconds: number;
  readonly chances: Readonly<Partial<Record<FaultUnit, readonly number[]>>>;
}

/** What a run follows: the dose, and the repetition when attempts come from the plan; without it they are tapped. */
export interface RunPlan {
  readonly dose: Dose;
  readonly rep: RepPlan | null;
}

/** The repetition of a simulated pattern; null when it takes no time. */
export function repPlanOf(sim: Simulation): RepPlan | null {
  if (sim.seconds <= 0) return null;
  const chances: Partial<Record<FaultUnit, number[]>> = { repetition: [0] };
  for (const move of sim.moves) for (const unit of move.units) (chances[unit] ??= []).push(move.start);
  return { seconds: sim.seconds, chances };
}

export function planPhases(plan: RunPlan): Phase[] {
  return phasesOf(plan.dose, plan.rep?.seconds ?? null);
}

/** One chance for a fault to show: from its start until the next one's start, seconds of the plan. Repetitions count from 1. */
export interface Attempt {
  readonly start: number;
  readonly end: number;
  readonly set: number;
  readonly round: number;
  readonly repetition: number;
}

/** All attempts of a unit that the plan yields, in order; only whole repetitions of a round hold any. */
export function attemptsOf(plan: RunPlan, unit: FaultUnit): Attempt[] {
  const rep = plan.rep;
  const starts = rep?.chances[unit] ?? [];
  if (rep === null || starts.length === 0) return [];
  const whole = plan.dose.mode === 'reps' ? plan.dose.work : wholeReps(roundSeconds(plan.dose, rep.seconds), rep.seconds);
  return planPhases(plan)
    .filter((phase) => phase.kind === 'work')
    .flatMap((phase) => {
      const attempts: Attempt[] = [];
      for (let k = 0; k < whole; k++) {
        starts.forEach((start, i) => {
          const from = phase.start + k * rep.seconds + start;
          // The last chance of a repetition lasts until the first one of the next, or the repetition's end.
          const last = i === starts.length - 1;
          const to = last
            ? phase.start + (k + 1) * rep.seconds + (k + 1 < whole ? (starts[0] ?? 0) : 0)
            : phase.start + k * rep.seconds + (starts[i + 1] ?? 0);
          attempts.push({ start: from, end: to, set: phase.set, round: phase.round, repetition: k + 1 });
        });
      }
      return attempts;
    });
}
