import { SEQUENTIAL, sequential } from '@hopsk/core/evidence/sequential';
import { evenings } from '@hopsk/core/testing/evenings';
import type { Line } from './measure.js';

const SEASONS = 10_000;

/**
 * How often in a season of 24 evenings the running test is wrong where evenings are more or less alike than it takes them to be, and where
 * it ends after so many without a decision: told, and not promised. The baseline is Wald's bound.
 */
export function decisions(): Line[] {
  const { good, bad, wrongBack, wrongNext, most } = SEQUENTIAL;
  const of = (rho: number, ended: boolean, rate: number, decision: 'next' | 'back'): Line => {
    const made = evenings(20_261_128);
    const rule = { ...SEQUENTIAL, most: ended ? most : Infinity };
    let wrong = 0;
    for (let i = 0; i < SEASONS; i++)
      if (sequential(made({ rate, rho, evenings: 24, chances: [8, 20] }), rule).decision === decision) wrong++;
    const [bound, said] = decision === 'back' ? [wrongBack / (1 - wrongNext), 'steps back'] : [wrongNext / (1 - wrongBack), 'moves on'];
    const name = `the running test ${said} at ${100 * rate} per 100, likeness ${rho}${ended ? `, ended after ${most}` : ''}`;
    return { name, value: (100 * wrong) / SEASONS, unit: '%', baseline: 100 * bound, limit: null };
  };
  return [0, 0.05, 0.1].flatMap((rho) => [false, true].flatMap((ended) => [of(rho, ended, good, 'back'), of(rho, ended, bad, 'next')]));
}
