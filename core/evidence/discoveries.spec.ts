import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { discoveries } from './discoveries.js';

describe('of several tests', () => {
  // Benjamini & Hochberg 1995, the example of their section 3.2 (values from memory).
  const PAPER = [0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.324, 0.4262, 0.5719, 0.6528, 0.759, 1];

  it('those of the paper: four of fifteen at 5 %', () => {
    expect(discoveries(PAPER, 0.05).map(Number).join('')).toBe('111100000000000');
    expect(
      discoveries([...PAPER].reverse(), 0.05)
        .map(Number)
        .join(''),
    ).toBe('000000000001111');
  });

  it('a later one that is small enough takes those before it along', () => {
    expect(discoveries([0.03, 0.04], 0.05)).toEqual([true, true]);
    expect(discoveries([0.04, 0.06], 0.05)).toEqual([false, false]);
    expect(discoveries([], 0.05)).toEqual([]);
  });

  it('are those whose adjusted chance, the least of n p / place over all that follow, is at most the rate', () => {
    holds(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 20 }),
        fc.constantFrom(0.01, 0.05, 0.2),
        (chances, rate) => {
          const inOrder = [...chances].sort((a, b) => a - b);
          const adjusted = (p: number): number => Math.min(...inOrder.flatMap((q, i) => (q >= p ? [(q * chances.length) / (i + 1)] : [])));
          const near = chances.some((p) => Math.abs(adjusted(p) - rate) < 1e-12);
          if (!near) expect(discoveries(chances, rate)).toEqual(chances.map((p) => adjusted(p) <= rate));
        },
      ),
    );
  });
});
