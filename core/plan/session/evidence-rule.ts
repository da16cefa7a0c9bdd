/**
 * Moving on by default, a rule of thumb: 90 % clean or more in each of two sessions running with at least 20 watched
 * attempts each; under 70 % in the last such session: a step back. Else stay.
 */
export const EVIDENCE: Evidence = { next: 0.9, back: 0.7, attempts: 20, sessions: 2 };

/** What must be shown before the next step, or the one before, is offered. Shares of 1. */
export interface Evidence {
  readonly next: number;
  readonly back: number;
  /** Watched attempts that a session needs to say anything. */
  readonly attempts: number;
  /** Sessions running. */
  readonly sessions: number;
}
