import { parse } from '@hopsk/core/language/parse';
import { simulate } from '@hopsk/core/motion/simulate';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { Line } from './measure.js';

const TIMES = 100_000;
const PART = 10_000;

/** Growth of the heap over many simulations, kB a thousand: the slope of least squares through its size after each part. */
export function heapSlope(text: string, performer: Performer): Line {
  const collect = (globalThis as { gc?: () => void }).gc;
  const sizes: number[] = [];
  for (let done = 0; done < TIMES; done += PART) {
    for (let i = 0; i < PART; i++) simulate(parse(text), performer);
    collect?.();
    sizes.push(process.memoryUsage().heapUsed / 1000);
  }
  // The first part fills caches.
  const ys = sizes.slice(1);
  const mean = (list: readonly number[]): number => list.reduce((sum, n) => sum + n, 0) / list.length;
  const xs = ys.map((_, i) => i * (PART / 1000));
  const [mx, my] = [mean(xs), mean(ys)];
  const slope = xs.reduce((sum, x, i) => sum + (x - mx) * ((ys[i] ?? my) - my), 0) / xs.reduce((sum, x) => sum + (x - mx) ** 2, 0);
  return { name: `heap over ${TIMES} simulations, a thousand`, value: Math.max(0, slope), unit: 'kB', baseline: null, limit: 1 };
}
