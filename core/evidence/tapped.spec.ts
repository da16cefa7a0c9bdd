import fc from 'fast-check';
import { mean, sampleStandardDeviation } from 'simple-statistics';
import { holds } from '../testing/holds.js';
import { tapped } from './tapped.js';

/** Moments of taps with these intervals (s). */
const taps = (intervals: readonly number[]): number[] =>
  intervals.reduce<number[]>((all, one) => [...all, (all.at(-1) ?? 0) + 1000 * one], [0]);

describe('what was tapped to', () => {
  it('is the mean and the standard deviation of the intervals that count, as a general package has them', () => {
    // By hand: 0.48, 0.50, 0.52, 0.50 have the mean 0.50 and the deviation √(0.0008 / 3).
    const by = tapped(taps([0.48, 0.5, 0.52, 0.5]), true);
    expect(by?.seconds).toBeCloseTo(0.5, 9);
    expect(by?.spread).toBeCloseTo(Math.sqrt(0.0008 / 3), 9);
    holds(
      fc.property(fc.array(fc.double({ min: 0.45, max: 0.55, noNaN: true }), { minLength: 4, maxLength: 40 }), (intervals) => {
        const said = tapped(taps(intervals), true);
        expect(said?.seconds).toBeCloseTo(mean(intervals), 9);
        expect(said?.spread).toBeCloseTo(sampleStandardDeviation(intervals), 6);
        expect([said?.n, said?.leftOut]).toEqual([intervals.length, 0]);
      }),
    );
  });

  it('leaves out what was missed or tapped twice, and says how many', () => {
    expect(tapped(taps([0.5, 0.5, 1, 0.5, 0.5, 0.1, 0.4]), true)).toEqual({
      seconds: jasmine.any(Number) as unknown as number,
      spread: jasmine.any(Number) as unknown as number,
      n: 5,
      leftOut: 2,
    });
  });

  it('says nothing of too few', () => {
    for (const few of [[], [0.5], [0.5, 0.5, 0.5], [0, 0, 0, 0]]) expect(tapped(taps(few), true)).toBeNull();
  });

  it('of what comes alone, beginning and end take turns: what lies between is no time of it', () => {
    expect(tapped(taps([0.5, 2, 0.5, 3, 0.5, 1, 0.5]), false)).toEqual({ seconds: 0.5, spread: 0, n: 4, leftOut: 0 });
    // A tap that waits for its end is none yet.
    expect(tapped(taps([0.5, 2, 0.5, 3, 0.5, 1]), false)).toBeNull();
  });
});
