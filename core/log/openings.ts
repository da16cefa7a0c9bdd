import type { Opener } from '../plan/exercise.js';
import { inOrder, type RunEvent } from './event.js';

type OpensEvent = Extract<RunEvent, { kind: 'opens' }>;

/** Who opens the occasions of each exercise, as it was planned and as coaches changed it during the run. */
export class Openings {
  private readonly said = new Map<number, OpensEvent[]>();

  /** @param planned by exercise; what is not given is opened by the plan. */
  constructor(private readonly planned: readonly Opener[]) {}

  /** In whatever order they are heard: what was said later in the run holds from there on. */
  add(event: OpensEvent): void {
    const { exercise } = event;
    this.said.set(
      exercise,
      [...(this.said.get(exercise) ?? []), event].sort((a, b) => a.m - b.m || inOrder(a, b)),
    );
  }

  /** At a moment of the run (ms). */
  at(exercise: number, m: number): Opener {
    return this.said.get(exercise)?.findLast((event) => event.m <= m)?.by ?? this.planned[exercise] ?? 'plan';
  }

  /** Whether the plan, or its calls, opened them all through a time of the run. */
  byPlan(exercise: number, from: number, to: number): boolean {
    const between = this.said.get(exercise)?.some(({ m, by }) => m > from && m < to && by === 'coach') ?? false;
    return this.at(exercise, from) !== 'coach' && !between;
  }
}
