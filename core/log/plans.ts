import { changed, fits, staysUntil } from '../plan/replan.js';
import { stretchesOfPlan, type RunPlan } from '../plan/run-plan.js';
import { clockOf, legsOf } from './clock.js';
import { inOrder, type ControlEvent, type RunEvent } from './event.js';

export type PlanEvent = Extract<RunEvent, { kind: 'plan' }>;

/** The plan as it is now, with the changes that made it. */
export interface Planned {
  readonly plan: RunPlan;
  readonly by: readonly PlanEvent[];
}

const secondsOf = (plan: RunPlan): number => stretchesOfPlan(plan).at(-1)?.end ?? 0;

/** The furthest second of a plan that a run came to by a moment of it (ms). */
function furthest(plan: RunPlan, controls: readonly ControlEvent[], m: number): number {
  const legs = legsOf(clockOf(controls, secondsOf(plan)), m);
  return Math.max(Number.NEGATIVE_INFINITY, ...legs.map(({ to }) => to));
}

/**
 * A run's plan after its changes. A change acts if it changes the plan that is there, and only what nobody had come to yet: of
 * two that change the same the one with the lower order acts, the other is kept and does nothing.
 */
export function plannedBy(first: RunPlan, changes: readonly PlanEvent[], controls: readonly ControlEvent[]): Planned {
  let now: Planned = { plan: first, by: [] };
  for (const event of [...changes].sort(inOrder)) {
    const { plan, by } = now;
    if (event.after !== (by.at(-1)?.id ?? null) || !fits(plan, event.change)) continue;
    if (furthest(plan, controls, event.m) >= staysUntil(plan, event.change)) continue;
    now = { plan: changed(plan, event.change), by: [...by, event] };
  }
  return now;
}
