import { EVIDENCE, type Evidence } from '../plan/session/evidence-rule.js';
import { intervalOf, likenessOf, totalOf, type Cluster } from './likeness.js';

export type Decision = 'next' | 'stay' | 'back' | 'not enough';

/** Evenings running that are not clean enough before a step back (common practice, no source): one alone may be a bad day. */
const BACK_RUNNING = 2;
/** How far over the rate that is asked for its upper end may lie, and the chance that the true rate lies above that end (common practice, no source). */
const [ROOM, ABOVE] = [0.05, 0.1];

/**
 * Moving on, staying or stepping back by a rule of thumb, from evenings in time order; those with too few watched attempts say nothing.
 * Back: too little clean in each of the last two. On: clean enough in the last few together, and the upper end of how often it is not,
 * at one chance in ten, no more than five in a hundred above what is allowed. What it does over a season stands in `docs/fault-book.md`.
 * @example [decide([]), decide([20, 20].map((n) => ({ hits: 9, n })))] // ['not enough', 'back']
 */
export function decide(evenings: readonly Cluster[], rule: Evidence = EVIDENCE): Decision {
  const told = evenings.filter(({ n }) => n >= rule.attempts && n > 0);
  if (told.length === 0) return 'not enough';
  const dirty = ({ hits, n }: Cluster): number => hits / n;
  const last = told.slice(-BACK_RUNNING);
  if (last.length === BACK_RUNNING && last.every((one) => dirty(one) > 1 - rule.back + 1e-9)) return 'back';
  const recent = told.slice(-rule.sessions);
  if (recent.length < rule.sessions || dirty(totalOf(recent)) > 1 - rule.next + 1e-9) return 'stay';
  return intervalOf(recent, likenessOf(recent), 2 * ABOVE).high < 1 - rule.next + ROOM ? 'next' : 'stay';
}
