import jStat from 'jstat';
import { binomialDistribution, probit } from 'simple-statistics';
import { normalQuantile, outcomes, quantileOf, studentQuantile } from './quantiles.js';

describe('quantiles', () => {
  // NIST/SEMATECH e-Handbook 1.3.6.7.2, critical values of Student's distribution (value from memory).
  for (const [degrees, p, value] of [
    [1, 0.975, 12.706],
    [5, 0.95, 2.015],
    [10, 0.975, 2.228],
    [30, 0.995, 2.75],
  ] as const)
    it(`Student's with ${degrees} degrees at ${p} is the handbook's`, () => expect(studentQuantile(p, degrees)).toBeCloseTo(value, 3));

  it('Student’s with many degrees are those that jstat searches for', () => {
    for (const degrees of [30, 31.5, 60, 400])
      for (const p of [0.6, 0.9, 0.975, 0.9917, 0.999])
        expect(studentQuantile(p, degrees)).withContext(`${p} ${degrees}`).toBeCloseTo(jStat.studentt.inv(p, degrees), 4);
  });

  it('of the normal distribution are those of simple-statistics, and Student’s with many degrees', () => {
    for (const p of [0.2, 0.5, 0.975]) {
      expect(normalQuantile(p)).toBeCloseTo(probit(p), 2);
      expect(studentQuantile(p, 1e6)).toBeCloseTo(normalQuantile(p), 4);
    }
  });

  it('outcomes without likeness are the binomial of simple-statistics; with it they keep the mean and are wider by the design effect', () => {
    const binomial = binomialDistribution(12, 0.3) ?? [];
    // It leaves out the last of the tail.
    expect(binomial.length).toBeGreaterThan(8);
    const ours = outcomes(12, 0.3, 0);
    binomial.forEach((chance, k) => expect(ours[k]).toBeCloseTo(chance, 9));
    const [n, rate, rho] = [20, 0.2, 0.1];
    const chances = outcomes(n, rate, rho);
    const moment = (power: number): number => chances.reduce((sum, chance, k) => sum + chance * k ** power, 0);
    expect(moment(0)).toBeCloseTo(1, 9);
    expect(moment(1)).toBeCloseTo(n * rate, 9);
    expect(moment(2) - moment(1) ** 2).toBeCloseTo(n * rate * (1 - rate) * (1 + (n - 1) * rho), 9);
    // The beta-binomial of a uniform rate: every count alike.
    for (const chance of outcomes(9, 0.5, 1 / 3)) expect(chance).toBeCloseTo(0.1, 9);
    expect(outcomes(5000, 0.5, 0).reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 6);
    expect([outcomes(3, 0, 0.1), outcomes(3, 1, 0)]).toEqual([
      [1, 0, 0, 0],
      [0, 0, 0, 1],
    ]);
  });

  it('a count lies at a quantile when that much of the chances is at or below it', () => {
    expect([0, 0.25, 0.26, 0.75, 1].map((p) => quantileOf([0.25, 0.5, 0.25], p))).toEqual([0, 0, 1, 1, 2]);
  });
});
