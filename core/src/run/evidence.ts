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

export type Decision = 'next' | 'stay' | 'back' | 'not enough';

/** Decides from sessions in time order; those with too few watched attempts say nothing. */
export function decide(sessions: readonly { readonly hits: number; readonly n: number }[], rule: Evidence = EVIDENCE): Decision {
  const told = sessions.filter((session) => session.n >= rule.attempts && session.n > 0);
  const clean = (session: { hits: number; n: number }): number => 1 - session.hits / session.n;
  const last = told.at(-1);
  if (!last) return 'not enough';
  if (clean(last) < rule.back - 1e-9) return 'back';
  const recent = told.slice(-rule.sessions);
  return recent.length === rule.sessions && recent.every((session) => clean(session) >= rule.next - 1e-9) ? 'next' : 'stay';
}
