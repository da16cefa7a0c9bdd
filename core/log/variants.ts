import type { SessionPlan } from '../plan/run-plan.js';
import type { RunDetails } from './details.js';

/** What somebody showed of one of two variants. */
interface Variant {
  /** Attempts that were watched whole, and in how many of them nothing was tapped. */
  readonly watched: number;
  readonly clean: number;
  readonly faults: readonly { readonly fault: string; readonly attempts: number; readonly faulty: number }[];
}

export interface Compared {
  readonly athlete: string;
  readonly a: Variant;
  readonly b: Variant;
}

/**
 * Two variants of a session beside each other, by everybody who was watched in either; none where its exercises are no variants.
 */
export function comparedIn(plan: Pick<SessionPlan, 'exercises'>, { parts, clean }: Pick<RunDetails, 'parts' | 'clean'>): Compared[] {
  const places = (variant: 'a' | 'b'): ReadonlySet<number> =>
    new Set(plan.exercises.flatMap((exercise, i) => (exercise.variant === variant ? [i] : [])));
  const [a, b] = [places('a'), places('b')];
  if (a.size === 0 || b.size === 0) return [];
  const of = (athlete: string, exercises: ReadonlySet<number>): Variant => {
    const rows = clean.filter((row) => row.athlete === athlete && row.result === null && exercises.has(row.exercise));
    const faults = new Map<string, { attempts: number; faulty: number }>();
    for (const part of parts) {
      if (part.athlete !== athlete || !exercises.has(part.exercise) || part.attempts === 0) continue;
      const sum = faults.get(part.fault) ?? { attempts: 0, faulty: 0 };
      faults.set(part.fault, { attempts: sum.attempts + part.attempts, faulty: sum.faulty + part.faulty });
    }
    const sum = (key: 'clean' | 'faulty'): number => rows.reduce((all, row) => all + row[key], 0);
    return {
      watched: sum('clean') + sum('faulty'),
      clean: sum('clean'),
      faults: [...faults].map(([fault, one]) => ({ fault, ...one })).sort((one, two) => (one.fault < two.fault ? -1 : 1)),
    };
  };
  const athletes = [...new Set([...clean, ...parts].map(({ athlete }) => athlete))];
  return athletes
    .map((athlete) => ({ athlete, a: of(athlete, a), b: of(athlete, b) }))
    .filter((one) => one.a.watched + one.b.watched > 0 || one.a.faults.length + one.b.faults.length > 0);
}
