import { fromRounds, type Rounds } from '../language/rounds.js';
import { questionsOf, stretchesOf, type Pace, type Question } from './work-and-rest.js';
import type { PlannedStretch } from './stretch.js';

const paceOf = (repSeconds: number | null): Pace => ({ rep: [repSeconds, repSeconds], call: null, waves: 1 });

/** The clock of rounds; by repetitions it needs the seconds of one, without which their work takes no time. */
export const stretchesOfRounds = (rounds: Rounds, repSeconds: number | null): PlannedStretch[] =>
  stretchesOf(fromRounds(rounds), paceOf(repSeconds)).filter(({ start, end }) => end > start);

/** What is still to be decided before the clock can run. */
export const openInRounds = (rounds: Rounds, repSeconds: number | null): Question[] => questionsOf(fromRounds(rounds), paceOf(repSeconds));

/** Seconds and repetitions of rounds. */
export interface RoundsTotals {
  readonly work: number;
  readonly rest: number;
  readonly total: number;
  /** True while something is not decided: the total is then 'at least'. */
  readonly atLeast: boolean;
  readonly repsARound: number;
  readonly reps: number;
}

/**
 * What rounds add up to.
 * @example totalsOfRounds({ mode: 'seconds', work: 180, rounds: 3, sets: 1, rest: 60, setRest: null }, null).total // 660
 */
export function totalsOfRounds(rounds: Rounds, repSeconds: number | null): RoundsTotals {
  const parts = stretchesOf(fromRounds(rounds), paceOf(repSeconds));
  const worked = parts.filter(({ kind }) => kind === 'work');
  const work = worked.reduce((sum, { start, end }) => sum + end - start, 0);
  const total = parts.at(-1)?.end ?? 0;
  return {
    work,
    rest: total - work,
    total,
    atLeast: openInRounds(rounds, repSeconds).length > 0,
    repsARound: worked[0]?.reps ?? 0,
    reps: worked.reduce((sum, { reps }) => sum + reps, 0),
  };
}
