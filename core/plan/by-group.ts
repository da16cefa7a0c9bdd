import { groupOf } from './groups.js';
import { isSession, type RunPlan } from './run-plan.js';

/** A run's plan as each of its people goes through it: where there are stations, those of another group do something else meanwhile. */
export interface ByGroup {
  /** Each way through the plan; the first is that of the first group, and of whoever is of none. */
  readonly plans: readonly [RunPlan, ...RunPlan[]];
  /** Which of these is somebody's; nobody's is the first. */
  readonly of: (athlete: string | null) => number;
}

/**
 * The plan as each group does it: who is of which goes by the order of the run's people, in as many groups as there are stations.
 * @example byGroup({ dose: { mode: 'seconds', work: 20, rounds: 1, sets: 1, rest: null, setRest: null }, rep: null }, ['ada', 'bo']).plans.length // 1
 */
export function byGroup(plan: RunPlan, athletes: readonly string[], late: readonly string[] = []): ByGroup {
  const stations = isSession(plan) ? stationsOf(plan.phases) : null;
  if (stations === null || stations.size === 0) return { plans: [plan], of: () => 0 };
  const plans: [RunPlan, ...RunPlan[]] = [plan];
  const made = new Map<string, number>();
  const known = new Map<string, number>();
  for (const athlete of [...athletes, ...late]) {
    const groups = new Map([...stations].map(([exercise, of]) => [exercise, Math.max(1, groupOf(athletes, of, athlete, late))]));
    const key = [...groups.values()].join();
    const first = [...groups.values()].every((group) => group === 1);
    const at = first ? 0 : (made.get(key) ?? plans.push(asIn(plan, groups)) - 1);
    made.set(key, at);
    known.set(athlete, at);
  }
  return { plans, of: (athlete) => (athlete === null ? 0 : (known.get(athlete) ?? 0)) };
}

/** How many stations each exercise has in which groups do something else at the same time. */
function stationsOf(
  phases: readonly { readonly exercise: number; readonly others?: readonly unknown[] | undefined }[],
): Map<number, number> {
  const stations = new Map<number, number>();
  for (const { exercise, others } of phases) if (others) stations.set(exercise, Math.max(stations.get(exercise) ?? 1, others.length + 1));
  return stations;
}

const asIn = (plan: RunPlan, groups: ReadonlyMap<number, number>): RunPlan =>
  isSession(plan)
    ? {
        ...plan,
        phases: plan.phases.map((stretch) => {
          const done = stretch.others?.[(groups.get(stretch.exercise) ?? 1) - 2];
          return done ? { ...stretch, done } : stretch;
        }),
      }
    : plan;
