import type { RunStretch } from './run-plan.js';

/**
 * Of which of the groups that take turns an athlete is, from 1: those of a run in their order, as many in each as fit. Whoever is not
 * among them is of none: 0.
 * @example groupOf(['ada', 'bo', 'cy'], 2, 'cy') // 2
 */
export function groupOf(athletes: readonly string[], groups: number, athlete: string): number {
  const place = athletes.indexOf(athlete);
  return place < 0 ? 0 : Math.floor(place / Math.ceil(athletes.length / groups)) + 1;
}

/** How many groups take turns in each exercise. */
export function groupsOf(stretches: readonly RunStretch[]): ReadonlyMap<number, number> {
  const groups = new Map<number, number>();
  for (const { exercise, wave = 1 } of stretches) groups.set(exercise, Math.max(groups.get(exercise) ?? 1, wave));
  return groups;
}
