import { seeded } from '../../motion/seeded.js';
import { sharesOfCalls, type Calls } from './calls.js';
import { drawCalls } from './draw.js';
import { callableOf } from './plain.js';

/** How well somebody who knows the settings and heard the last two calls could guess the next. Shares of 1. */
export interface Foreseen {
  /** Of the best guess. */
  readonly best: number;
  /** The least that any way of calling with these weights and this longest run could allow. */
  readonly least: number;
  /** How many draws it comes from. */
  readonly draws: number;
}

/**
 * The least chance of the best guess given the last two calls. For equal weights it is exact: with at most L ≥ 2 running, the
 * same again is called with chance 1/n after a change, and after a pair as often as the longest run allows; L = 1 leaves n − 1.
 * Unequal weights never allow less than that, nor less than the heaviest's own share.
 * @example leastForeseen([0.5, 0.5], 1) // 1
 */
export function leastForeseen(shares: readonly number[], longestRun: number): number {
  const used = shares.filter((share) => share > 0);
  const n = used.length;
  if (n <= 1) return 1;
  const heaviest = Math.max(...used);
  if (longestRun <= 1) return Math.max(heaviest, 1 / (n - 1));
  // Of the pairs inside runs of at most L, at most (L − 2)/(L − 1) go on.
  const onAfterPair = Math.min((longestRun - 2) / (longestRun - 1), 1 / n);
  const again = 1 / n;
  const pairs = again / (1 - onAfterPair + again);
  const afterPair = Math.max(onAfterPair, (1 - onAfterPair) / (n - 1));
  return Math.max(heaviest, pairs * afterPair + (1 - pairs) / n);
}

/** Foreseeability of the generator with these settings, over as many draws of lists of `length` calls. */
export function foreseen(calls: Calls, length = 40, draws = 100_000, seed = 7): Foreseen {
  const n = calls.alternatives.length;
  const shares = sharesOfCalls(calls);
  if (n === 0) return { best: 1, least: 1, draws: 0 };
  if (calls.order === 'known') return { best: 1, least: 1, draws: 0 };
  const options = calls.alternatives.map(callableOf);
  const next = new Uint32Array(n * n * n);
  const chance = seeded(seed);
  let done = 0;
  while (done < draws) {
    const list = drawCalls(
      options,
      { ...calls, interval: null, freezes: 0 },
      { seed: Math.floor(chance() * 2 ** 32), number: length },
    ).calls;
    if (list.length < 3) break;
    for (let i = 2; i < list.length; i++) {
      const at = ((list[i - 2]?.which ?? 0) * n + (list[i - 1]?.which ?? 0)) * n + (list[i]?.which ?? 0);
      next[at] = (next[at] ?? 0) + 1;
      done++;
    }
  }
  let best = 0;
  for (let pair = 0; pair < n * n; pair++) best += Math.max(...next.subarray(pair * n, pair * n + n));
  return { best: done === 0 ? 1 : best / done, least: leastForeseen(shares, calls.longestRun), draws: done };
}
