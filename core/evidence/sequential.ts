import { BOOK_RULES } from './book-rules.js';
import { DEFAULT_RHO, type Cluster } from './likeness.js';
import { logBeta } from './quantiles.js';

/** The coach's numbers for moving on, holding or stepping back by one running test. */
export interface RunningRule {
  /** At this rate of faults moving on is right, at that one stepping back. Between them either may come, or neither. */
  readonly good: number;
  readonly bad: number;
  /** Chance of stepping back at the good rate, and of moving on at the bad one, as Wald's limits have them. */
  readonly wrongBack: number;
  readonly wrongNext: number;
  /** After so many evenings without a decision it is 'stay', and a new test begins. */
  readonly most: number;
}

/** With how alike chances of one evening are taken to be. */
export interface SequentialRule extends RunningRule {
  readonly rho: number;
}

/** Ours, at the likeness that is taken where there is little to estimate it from. */
export const SEQUENTIAL: SequentialRule = { ...BOOK_RULES.running, rho: DEFAULT_RHO };

export interface Sequential {
  readonly decision: 'next' | 'stay' | 'back';
  /** After how many evenings that could show it, from the first one, the decision came; null: it is still open. */
  readonly decidedAfter: number | null;
  /** Evenings after which a test had come to nothing, and a new one began. */
  readonly restarts: readonly number[];
  /** What the running test adds up to, and its limits: at `next` and below moving on, at `back` and above stepping back. */
  readonly ratio: number;
  readonly limits: { readonly next: number; readonly back: number };
  /** Clean attempts, in one more evening, that would decide for moving on; null where it is decided, or more than a thousand. */
  readonly more: number | null;
}

const MOST_MORE = 1000;

/**
 * Logarithm of how much likelier an evening is at the bad rate than at the good one: binomial where chances are independent, beta-binomial
 * where those of one evening are alike.
 */
export function logRatio({ hits, n }: Cluster, { good, bad, rho }: Pick<SequentialRule, 'good' | 'bad' | 'rho'>): number {
  if (rho <= 0) return hits * Math.log(bad / good) + (n - hits) * Math.log((1 - bad) / (1 - good));
  const at = (rate: number): number => {
    const [a, b] = [(rate * (1 - rho)) / rho, ((1 - rate) * (1 - rho)) / rho];
    return logBeta(hits + a, n - hits + b) - logBeta(a, b);
  };
  return at(bad) - at(good);
}

/** Wald's limits (1945, Annals of Mathematical Statistics 16:117): stepping back from log((1 − β)/α), moving on up to log(β/(1 − α)). */
const limitsBy = ({ wrongBack, wrongNext }: Pick<SequentialRule, 'wrongBack' | 'wrongNext'>): Sequential['limits'] => ({
  next: Math.log(wrongNext / (1 - wrongBack)),
  back: Math.log((1 - wrongNext) / wrongBack),
});

/**
 * Moving on, staying or stepping back by one running test (Wald's sequential probability ratio test): looked at after every evening
 * without being wrong more often for it. Once decided it stays so: who goes on from there begins a new one.
 *
 * At the good rate it steps back in at most α / (1 − β) of tests, however long they run, and at the bad one it moves on in at most
 * β / (1 − α), where evenings are as alike as it takes them to be and it is not ended after `most`.
 *
 * @param evenings in the order of time, from where the test begins; those that could not show it are passed over
 */
export function sequential(evenings: readonly Cluster[], rule: SequentialRule = SEQUENTIAL): Sequential {
  const limits = limitsBy(rule);
  const restarts: number[] = [];
  let [ratio, begun, after] = [0, 0, 0];
  for (const evening of evenings) {
    if (evening.n === 0) continue;
    after++;
    ratio += logRatio(evening, rule);
    const decision = ratio <= limits.next ? 'next' : ratio >= limits.back ? 'back' : null;
    if (decision !== null) return { decision, decidedAfter: after, restarts, ratio, limits, more: null };
    if (after - begun >= rule.most) {
      restarts.push(after);
      [ratio, begun] = [0, after];
    }
  }
  return { decision: 'stay', decidedAfter: null, restarts, ratio, limits, more: moreClean(ratio - limits.next, rule) };
}

/** The fewest clean attempts whose evening takes a ratio down by so much. */
function moreClean(by: number, rule: SequentialRule): number | null {
  const enough = (n: number): boolean => logRatio({ hits: 0, n }, rule) <= -by;
  if (!enough(MOST_MORE)) return null;
  let [low, high] = [0, MOST_MORE];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (enough(middle)) high = middle;
    else low = middle;
  }
  return high;
}
