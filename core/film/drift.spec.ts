import { linearRegression, linearRegressionLine } from 'simple-statistics';
import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { driftOf } from './drift.js';

describe('a drift over repetitions', () => {
  it('has the slope that a general statistics library finds', () => {
    holds(
      fc.property(fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 4, maxLength: 30 }), (values) => {
        const points = values.map((value, i) => [i, value]);
        const { m, b } = linearRegression(points);
        expect(driftOf(values)?.each).toBeCloseTo(m, 8);
        // The interval by hand from what is left over, without the Student factor.
        const line = linearRegressionLine({ m, b });
        const left = points.reduce((sum, [x = 0, y = 0]) => sum + (y - line(x)) ** 2, 0);
        if (values.length === 4) {
          // t(0.975; 2) = 4.303, from the printed tables; Σ(x − x̄)² of 0…3 is 5.
          expect(driftOf(values)?.within).toBeCloseTo((4.302653 * Math.sqrt(left / 2)) / Math.sqrt(5), 4);
        }
      }),
    );
  });

  it('is told of none where the values only scatter, and never by fewer than four', () => {
    expect(driftOf([1, 2, 3])).toBeNull();
    expect(driftOf([0.1, 0.1, 0.1, 0.1])?.told).toBeFalse();
    expect(driftOf([0.1, 0.12, 0.09, 0.11, 0.1])?.told).toBeFalse();
    expect(driftOf([0.1, 0.2, 0.3, 0.41, 0.5])?.told).toBeTrue();
    // What each is uncertain by widens it.
    expect(driftOf([0.1, 0.2, 0.3, 0.41, 0.5], 0.5)?.told).toBeFalse();
  });
});
