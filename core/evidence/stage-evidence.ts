import type { Evidence } from '../plan/session/evidence-rule.js';
import { decide, type Decision } from './decide.js';
import { wilson, type Interval } from './proportion.js';

/** What a stage's record says should come next. A rule of thumb, and called so. 'harder': make the feed harder. */
type StageDecision = Decision | 'harder';

/** One session of a stage: watched attempts and how many were not clean; the result where it was kept. */
export interface StageSession {
  readonly n: number;
  readonly hits: number;
  /** Balls or blades that went right, of how many; null where nobody kept it. */
  readonly result: { readonly good: number; readonly n: number } | null;
}

export interface StageEvidence {
  readonly decision: StageDecision;
  /** Clean share of the last session that says anything, with its 95 % interval for that session alone. */
  readonly clean: number | null;
  readonly interval: Interval | null;
  readonly attempts: number;
}

/** A result this good while a focus fault rises says that the feed is too easy (common practice, no source). */
const EASY_RESULT = 0.9;

/** The usual decision, and where it says stay: the result easy while the fault rises → make the feed harder. Sessions in time order. */
export function stageEvidence(sessions: readonly StageSession[], rule: Evidence): StageEvidence {
  const told = sessions.filter((one) => one.n >= rule.attempts && one.n > 0);
  const [before, last] = [told.at(-2), told.at(-1)];
  if (!last) return { decision: 'not enough', clean: null, interval: null, attempts: sessions.at(-1)?.n ?? 0 };
  const usual = decide(sessions, rule);
  const easy = last.result !== null && last.result.n >= rule.attempts && last.result.good / last.result.n >= EASY_RESULT;
  const rises = before !== undefined && last.hits / last.n > before.hits / before.n + 1e-9;
  return {
    decision: usual === 'stay' && easy && rises ? 'harder' : usual,
    clean: 1 - last.hits / last.n,
    interval: wilson(last.n - last.hits, last.n),
    attempts: last.n,
  };
}
