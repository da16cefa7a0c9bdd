import type { Dose } from '../language/rounds.js';

/** One stretch of the clock, seconds from the start of the plan. Rounds and sets count from 1. */
export interface Phase {
  readonly kind: 'work' | 'rest' | 'set-rest' | 'explain' | 'change' | 'water';
  readonly start: number;
  readonly end: number;
  readonly round: number;
  readonly set: number;
}

/** What is still to be decided before the clock can run. */
export type Undecided = 'rest' | 'set-rest' | 'repetition';

export function undecided(dose: Dose, repSeconds: number | null): Undecided[] {
  const open: Undecided[] = [];
  if (dose.rounds > 1 && dose.rest === null) open.push('rest');
  if (dose.sets > 1 && dose.setRest === null) open.push('set-rest');
  if (dose.mode === 'reps' && !(repSeconds !== null && repSeconds > 0)) open.push('repetition');
  return open;
}

/** Seconds of one round. By repetitions it needs their time; unknown counts as nothing (and is 'undecided'). */
export function roundSeconds(dose: Dose, repSeconds: number | null): number {
  return dose.mode === 'seconds' ? dose.work : dose.work * (repSeconds ?? 0);
}

/**
 * The plan's clock: S sets of R rounds with S(R − 1) rests between rounds and S − 1 between sets, nothing after the last.
 * A rest that is not decided takes no time.
 */
export function phasesOf(dose: Dose, repSeconds: number | null): Phase[] {
  const work = roundSeconds(dose, repSeconds);
  const phases: Phase[] = [];
  let at = 0;
  const push = (kind: Phase['kind'], seconds: number, set: number, round: number): void => {
    if (seconds <= 0) return;
    phases.push({ kind, start: at, end: at + seconds, set, round });
    at += seconds;
  };
  for (let set = 1; set <= dose.sets; set++) {
    for (let round = 1; round <= dose.rounds; round++) {
      push('work', work, set, round);
      if (round < dose.rounds) push('rest', dose.rest ?? 0, set, round);
    }
    if (set < dose.sets) push('set-rest', dose.setRest ?? 0, set, dose.rounds);
  }
  return phases;
}

/** Whole repetitions that a timed round holds; a last unfinished one is none. */
export function wholeReps(seconds: number, repSeconds: number | null): number {
  return repSeconds !== null && repSeconds > 0 ? Math.floor(seconds / repSeconds + 1e-9) : 0;
}

export interface DoseTotals {
  readonly work: number;
  readonly rests: number;
  readonly restSeconds: number;
  readonly setRests: number;
  readonly setRestSeconds: number;
  readonly total: number;
  /** True while something is not decided: the total is then 'at least'. */
  readonly atLeast: boolean;
  readonly repsARound: number;
  readonly reps: number;
}

export function doseTotals(dose: Dose, repSeconds: number | null): DoseTotals {
  const round = roundSeconds(dose, repSeconds);
  const rests = dose.sets * (dose.rounds - 1);
  const setRests = dose.sets - 1;
  const repsARound = dose.mode === 'reps' ? dose.work : wholeReps(round, repSeconds);
  const work = round * dose.rounds * dose.sets;
  const restSeconds = rests * (dose.rest ?? 0);
  const setRestSeconds = setRests * (dose.setRest ?? 0);
  return {
    work,
    rests,
    restSeconds,
    setRests,
    setRestSeconds,
    total: work + restSeconds + setRestSeconds,
    atLeast: undecided(dose, repSeconds).length > 0,
    repsARound,
    reps: repsARound * dose.rounds * dose.sets,
  };
}

/** Minutes and seconds as on a clock: 5:20, 1:02:03. Rounds up, so that a count-down reads 0:01 until it ends. */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds - 1e-6));
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${minutes}:${rest}`;
}
