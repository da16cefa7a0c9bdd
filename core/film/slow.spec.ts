import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { framesAt } from './frames.js';
import { inLife, MOST_SLOW, slowByClock, slowByRate } from './slow.js';
import { timesOf } from './times.js';
import { attemptsOf } from './marks.js';

describe('a clip that plays slower than life', () => {
  it('is known by a clock that was read in two of its frames, in whichever order', () => {
    holds(
      fc.property(fc.double({ min: 1, max: MOST_SLOW - 1, noNaN: true }), fc.integer({ min: 5, max: 200 }), (slow, last) => {
        const frames = framesAt(240, last + 1).map((one) => one * slow);
        const [one, other] = [
          { frame: 1, says: 17 + 1 / 240 },
          { frame: last, says: 17 + last / 240 },
        ];
        const [there, back] = [slowByClock(frames, one, other), slowByClock(frames, other, one)];
        expect(there).toBeCloseTo(slow, 6);
        expect(back).toBe(there);
      }),
    );
  });

  it('is not known by a clock that stands, goes back, or goes faster than the film', () => {
    const frames = framesAt(30, 100);
    const at = (frame: number, says: number) => ({ frame, says });
    expect(slowByClock(frames, at(0, 5), at(60, 5))).toBeNull();
    expect(slowByClock(frames, at(0, 5), at(60, 4))).toBeNull();
    expect(slowByClock(frames, at(0, 5), at(60, 10))).toBeNull();
    expect(slowByClock(frames, at(7, 5), at(7, 6))).toBeNull();
    expect(slowByClock(frames, at(0, 5), at(500, 6))).toBeNull();
    // A clock is read to a digit: two seconds of film that it says were 2.02 were two.
    expect(slowByClock(frames, at(0, 5), at(60, 7.02))).toBe(1);
  });

  it('is known by how many pictures its camera took; a rate as it came out is the same rate', () => {
    expect(slowByRate(framesAt(30, 300), 240)).toBeCloseTo(8, 9);
    expect(slowByRate(framesAt(29.97, 300), 120)).toBeCloseTo(120 / 29.97, 9);
    expect(slowByRate(framesAt(239.4, 300), 240)).toBe(1);
    expect(slowByRate(framesAt(30, 300), 30)).toBe(1);
    expect(slowByRate([0, 0], 240)).toBe(1);
  });

  it('has the times of life, and their frames’ own uncertainty', () => {
    const frames = framesAt(30, 200);
    const marks = attemptsOf([
      { kind: 'contact', frame: 10 },
      { kind: 'split-down', frame: 26 },
    ]);
    const [played, lived] = [frames, inLife(frames, 8)].map((each) => timesOf(each, marks, null).times[0]?.took);
    expect(lived?.seconds).toBeCloseTo((played?.seconds ?? 0) / 8, 12);
    expect(lived?.frames).toBeCloseTo(1 / 240, 12);
  });
});
