/**
 * Moving on by default, a rule of thumb: 90 % clean or more in the last three evenings together, each with at least 20 watched attempts,
 * and surely enough; under 70 % in each of the last two such evenings: a step back. Else stay.
 */
export const EVIDENCE: Evidence = { next: 0.9, back: 0.7, attempts: 20, sessions: 3 };

/** What must be shown before the next step, or the one before, is offered. Shares of 1. */
export interface Evidence {
  readonly next: number;
  readonly back: number;
  /** Watched attempts that an evening needs to say anything. */
  readonly attempts: number;
  /** The last evenings that count together for moving on. */
  readonly sessions: number;
}
