import { seeded } from '../motion/seeded.js';
import type { Cluster } from '../evidence/likeness.js';

/** How evenings are made up: a true rate, how alike chances of one evening are, how many evenings, and from how many chances to how many. */
export interface MadeUp {
  readonly rate: number;
  readonly rho: number;
  readonly evenings: number;
  readonly chances: readonly [number, number];
}

/** Evenings whose rates are drawn from a beta distribution, so that their chances are alike by ρ; the same for the same seed. */
export function evenings(seed: number): (of: MadeUp) => Cluster[] {
  const random = seeded(seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  // Marsaglia & Tsang 2000.
  const gamma = (a: number): number => {
    if (a < 1) return gamma(a + 1) * random() ** (1 / a);
    const [d, c] = [a - 1 / 3, 1 / Math.sqrt(9 * (a - 1 / 3))];
    for (;;) {
      const x = normal();
      const v = (1 + c * x) ** 3;
      if (v > 0 && Math.log(random()) < x ** 2 / 2 + d - d * v + d * Math.log(v)) return d * v;
    }
  };
  const rateOf = ({ rate, rho }: MadeUp): number => {
    if (rho === 0) return rate;
    const [x, y] = [gamma((rate * (1 - rho)) / rho), gamma(((1 - rate) * (1 - rho)) / rho)];
    return x / (x + y);
  };
  return (of) =>
    Array.from({ length: of.evenings }, () => {
      const [least, most] = of.chances;
      const n = least + Math.floor(random() * (most - least + 1));
      const rate = rateOf(of);
      return { n, hits: Array.from({ length: n }, random).filter((one) => one < rate).length };
    });
}
