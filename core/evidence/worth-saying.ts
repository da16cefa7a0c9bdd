import type { Side } from '../body/foot.js';
import type { Tally } from '../log/count.js';
import { wilson } from './proportion.js';

/** Fewer attempts than this, or fewer faults, are no ground to say anything in a rest (our own rule). */
const LEAST = { attempts: 5, faulty: 2 } as const;

/** What can be acted on in a rest: one fault, and the side that all taps that say a side agree on. */
export interface WorthSaying {
  readonly fault: string;
  readonly attempts: number;
  readonly faulty: number;
  readonly only: Side | null;
}

/**
 * Of what somebody showed so far the one thing that is worth saying in a rest: the fault whose rate is surely highest. Null where too
 * little was watched to say anything.
 */
export function worthSaying(tallies: readonly Pick<Tally, 'fault' | 'attempts' | 'faulty' | 'left' | 'right'>[]): WorthSaying | null {
  const least = ({ faulty, attempts }: WorthSaying | Tally): number => wilson(faulty, attempts).low;
  const [first] = tallies
    .filter(({ attempts, faulty }) => attempts >= LEAST.attempts && faulty >= LEAST.faulty)
    .map(({ fault, attempts, faulty, left, right }): WorthSaying => ({
      fault,
      attempts,
      faulty,
      only: left + right < LEAST.faulty ? null : right === 0 ? 'left' : left === 0 ? 'right' : null,
    }))
    .sort((a, b) => least(b) - least(a) || (a.fault < b.fault ? -1 : 1));
  return first ?? null;
}
