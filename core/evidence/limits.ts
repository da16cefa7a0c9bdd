import { outcomes, quantileOf } from './quantiles.js';

/** Chances at either side of a chart's limits: what three standard deviations leave out of a normal distribution. */
const OUTSIDE = 0.00135;

/** Between which shares a session lies, as long as nothing changes; one that lies on a limit is inside. */
export interface Limits {
  readonly low: number;
  readonly high: number;
}

/** Exact limits of a session of `n` chances at a rate: quantiles of the binomial, or with likeness of the beta-binomial distribution. */
export function limitsOf(n: number, rate: number, rho = 0): Limits {
  const chances = outcomes(n, rate, rho);
  return { low: quantileOf(chances, OUTSIDE) / n, high: quantileOf(chances, 1 - OUTSIDE) / n };
}
