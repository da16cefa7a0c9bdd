import type { Side } from '../body/foot.js';
import type { FaultUnit, View } from '../catalogue/fault.js';
import type { Rounds } from '../language/rounds.js';
import type { Cue } from './cue.js';
import type { Direction } from './direction.js';
import type { Cueing, Implement, Opener, StageKind } from './exercise.js';
import { ms } from './ms.js';
import { stretchesOfRounds } from './rounds.js';
import type { Stretch } from './stretch.js';

/** One repetition as the clock knows it: its seconds and when in it each unit gives a chance. */
export interface RepPlan {
  readonly seconds: number;
  readonly chances: Readonly<Partial<Record<FaultUnit, readonly number[]>>>;
  /** Where it leads; without it, an earlier program did not keep it. */
  readonly direction?: Direction | undefined;
  /** What a chime has done between two repetitions, in words; without it this is one of them. */
  readonly chimed?: string | undefined;
  /** Landings after jumps, hops and gallops, and lunges of both legs; without it, an earlier program did not keep them. */
  readonly load?: { readonly landings: number; readonly lunges: number } | undefined;
}

/** Rounds of one pattern: the dose, and the repetition when attempts come from the plan; without it they are tapped. */
export interface RoundsPlan {
  readonly dose: Rounds;
  readonly rep: RepPlan | null;
  /** The clock that it came to, where it was changed while it was run; without it, that of the dose. */
  readonly stretches?: readonly RunStretch[] | undefined;
  /** The repetition as it came to be done, behind the first, and what is said, where a tempo was set while it was run. */
  readonly reps?: readonly RepPlan[] | undefined;
  readonly cues?: readonly Cue[] | undefined;
}

/** A stretch of a run's clock with what is done in it. */
export interface RunStretch extends Stretch {
  /** Which of the groups that take turns is at it, from 1; without it there is one group, or an earlier program did not keep it. */
  readonly wave?: number | undefined;
  /** Of work: as written, or the other side or lead; without it, an earlier program did not keep it. */
  readonly way?: 0 | 1 | undefined;
  /** Each repetition's start (seconds from the stretch's) and its place among `reps`. */
  readonly done: readonly (readonly [number, number])[];
  /** What the further groups have done meanwhile, from the second on, where each is at a station of its own; without it all do the same. */
  readonly others?: readonly (readonly (readonly [number, number])[])[] | undefined;
  /** What a ball holds where no repetition fits into the stretch, by its place among `reps`. */
  readonly line?: number | undefined;
}

/** How steps are written that are run: the stance by code, the hand that plays, the foot in front. */
export interface DoneAs {
  readonly school: string;
  readonly hand: Side;
  readonly lead: Side | 'none';
}

/** One exercise of a session as it is run. */
export interface PlannedExercise {
  readonly name: string;
  /** The stage it was planned as. */
  readonly stage: string;
  readonly steps: string;
  readonly watch: readonly string[];
  readonly view: View;
  /** Who opens its occasions; without it the plan does. */
  readonly opens?: Opener | undefined;
  /** What it was for, how it was cued, at which factor on all times, and with what; without these an earlier program did not keep them. */
  readonly kind?: StageKind | undefined;
  readonly cueing?: Cueing | undefined;
  readonly tempo?: number | undefined;
  readonly implement?: Implement | undefined;
  /** Its stations in the order in which one goes through them; without it there are none, or an earlier program did not keep them. */
  readonly stations?: readonly string[] | undefined;
  /** Which of two variants it is that are compared in the session. */
  readonly variant?: 'a' | 'b' | undefined;
  /** How its steps are written: in which stance, by which hand and lead; without it, an earlier program did not keep it. */
  readonly as?: DoneAs | undefined;
  /** The partner's foot in front; without it there is no partner, or it was not said. */
  readonly opponent?: Side | undefined;
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

/** The clock that a run follows, with what is done in it. */
export function stretchesOfPlan(plan: RunPlan): readonly RunStretch[] {
  if (isSession(plan)) return plan.phases;
  const { dose, rep } = plan;
  if (plan.stretches) return plan.stretches;
  return stretchesOfRounds(dose, rep?.seconds ?? null).map((stretch) => ({
    ...stretch,
    done: rep === null ? [] : Array.from({ length: stretch.reps }, (_, k) => [ms(k * rep.seconds), 0] as const),
    ...(rep === null ? {} : { line: 0 }),
  }));
}

/** Who opens the occasions of each exercise. */
export const openersOfPlan = (plan: RunPlan): readonly Opener[] =>
  isSession(plan) ? plan.exercises.map(({ opens }) => opens ?? 'plan') : ['plan'];

/** The repetitions that a plan's stretches name by place. */
export const repsOfPlan = (plan: RunPlan): readonly RepPlan[] => {
  if (isSession(plan)) return plan.reps;
  return plan.rep === null ? [] : [plan.rep, ...(plan.reps ?? [])];
};

/** What a plan says; rounds of one pattern say nothing, unless a tempo was set. */
export const cuesOf = (plan: RunPlan): readonly Cue[] => plan.cues ?? [];
