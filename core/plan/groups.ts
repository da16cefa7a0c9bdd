import type { RunStretch } from './run-plan.js';

/**
 * Of which of the groups that take turns an athlete is, from 1: those with whom a run began in their order, as many in each as fit;
 * whoever came while it was on is of the smallest one then, and moves nobody. Whoever is not among them is of none: 0.
 * @param late those who came later, in the order in which they came.
 * @example [groupOf(['ada', 'bo', 'cy'], 2, 'cy'), groupOf(['ada', 'bo', 'cy'], 2, 'di', ['di'])] // [2, 2]
 */
export function groupOf(athletes: readonly string[], groups: number, athlete: string, late: readonly string[] = []): number {
  const each = Math.ceil(athletes.length / groups);
  const place = athletes.indexOf(athlete);
  if (place >= 0) return Math.floor(place / each) + 1;
  const sizes = Array.from({ length: groups }, (_, group) => Math.max(0, Math.min(each, athletes.length - group * each)));
  for (const one of late) {
    const smallest = sizes.indexOf(Math.min(...sizes));
    if (one === athlete) return smallest + 1;
    sizes[smallest] = (sizes[smallest] ?? 0) + 1;
  }
  return 0;
}

/** How many groups take turns in each exercise. */
export function groupsOf(stretches: readonly RunStretch[]): ReadonlyMap<number, number> {
  const groups = new Map<number, number>();
  for (const { exercise, wave = 1 } of stretches) groups.set(exercise, Math.max(groups.get(exercise) ?? 1, wave));
  return groups;
}
