import { EVIDENCE, type Evidence } from '../plan/session/evidence-rule.js';

export type Decision = 'next' | 'stay' | 'back' | 'not enough';

/**
 * Decides from sessions in time order; those with too few watched attempts say nothing.
 * @example [decide([]), decide([{ hits: 1, n: 20 }, { hits: 2, n: 20 }]), decide([{ hits: 9, n: 20 }])] // ['not enough', 'next', 'back']
 */
export function decide(sessions: readonly { readonly hits: number; readonly n: number }[], rule: Evidence = EVIDENCE): Decision {
  const told = sessions.filter((session) => session.n >= rule.attempts && session.n > 0);
  const clean = (session: { hits: number; n: number }): number => 1 - session.hits / session.n;
  const last = told.at(-1);
  if (!last) return 'not enough';
  if (clean(last) < rule.back - 1e-9) return 'back';
  const recent = told.slice(-rule.sessions);
  return recent.length === rule.sessions && recent.every((session) => clean(session) >= rule.next - 1e-9) ? 'next' : 'stay';
}
