/**
 * Moving on by default, a rule of thumb: 90 % clean or more in each of two sessions running with at least 20 watched
 * attempts each; under 70 % in the last such session: a step back. Else stay.
 */
export const EVIDENCE = { next: 0.9, back: 0.7, attempts: 20, sessions: 2 } as const;

export type Decision = 'next' | 'stay' | 'back' | 'not enough';

/** Decides from sessions in time order; those with too few watched attempts say nothing. */
export function decide(sessions: readonly { readonly hits: number; readonly n: number }[]): Decision {
  const told = sessions.filter((session) => session.n >= EVIDENCE.attempts);
  const clean = (session: { hits: number; n: number }): number => 1 - session.hits / session.n;
  const last = told.at(-1);
  if (!last) return 'not enough';
  if (clean(last) < EVIDENCE.back - 1e-9) return 'back';
  const recent = told.slice(-EVIDENCE.sessions);
  return recent.length === EVIDENCE.sessions && recent.every((session) => clean(session) >= EVIDENCE.next - 1e-9) ? 'next' : 'stay';
}
