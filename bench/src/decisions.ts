import { decide, type Decision } from '@hopsk/core/evidence/decide';
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
  return [0, 0.05, 0.1].flatMap((rho) => [
    ...[false, true].flatMap((ended) => [of(rho, ended, good, 'back'), of(rho, ended, bad, 'next')]),
    ...ruleOfThumb(rho, 0.15, 'next'),
    ...ruleOfThumb(rho, 0.25, 'back'),
  ]);
}

/** How often the rule of thumb says so, at one review and at least once in a season; the baseline is the other of the two. */
function ruleOfThumb(rho: number, rate: number, decision: Decision): Line[] {
  const made = evenings(20_261_128);
  let [reviews, once] = [0, 0];
  const seasons = SEASONS / 5;
  for (let i = 0; i < seasons; i++) {
    const season = made({ rate, rho, evenings: 24, chances: [20, 60] });
    const said = season.slice(1).filter((_, k) => decide(season.slice(0, k + 2)) === decision).length;
    reviews += said;
    once += Math.sign(said);
  }
  const [aReview, aSeason] = [(100 * reviews) / (seasons * 23), (100 * once) / seasons];
  const name = `the rule of thumb says ‘${decision}’ at ${100 * rate} per 100, likeness ${rho}`;
  return [
    { name: `${name}, a review`, value: aReview, unit: '%', baseline: aSeason, limit: null },
    { name: `${name}, once in 24 evenings`, value: aSeason, unit: '%', baseline: aReview, limit: null },
  ];
}
