import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { lookAt, nextLook } from './looks.js';

describe('looks by the plan', () => {
  it('give everybody their share by what is to be decided about them, within one look', () => {
    holds(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 20 }),
        fc.integer({ min: 1, max: 15 }),
        fc.integer({ min: 20, max: 400 }),
        (weights, each, looks) => {
          const seen = weights.map(() => 0);
          for (let i = 0; i < looks; i++) {
            const next = Number(nextLook(weights.map((weight, id) => ({ id: String(id), seen: seen[id] ?? 0, weight }))));
            seen[next] = (seen[next] ?? 0) + each;
          }
          // Nobody is more than one look ahead of their share of what anybody else has.
          weights.forEach((a, i) =>
            weights.forEach((b, k) => expect((seen[i] ?? 0) / a - (seen[k] ?? 0) / b).toBeLessThanOrEqual(each / a + 1e-9)),
          );
        },
      ),
    );
    expect(nextLook([])).toBeNull();
  });

  it('part long work into equal looks of about three quarters of a minute', () => {
    expect([0, 44, 46, 89, 91, 179].map((t) => lookAt({ start: 0, end: 180 }, t))).toEqual([0, 0, 1, 1, 2, 3]);
    expect([0, 10, 29.9, 30].map((t) => lookAt({ start: 10, end: 40 }, t))).toEqual([0, 0, 0, 0]);
  });
});
