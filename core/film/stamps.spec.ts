import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { framesAt, type Frames } from './frames.js';
import { attemptsOf, MARKS } from './marks.js';
import { repeatsIn } from './report.js';
import { framesFrom, stampsOf } from './stamps.js';
import { timesOf, type AllTimes } from './times.js';

/** Times of frames of any clip: with as many pictures a second throughout, or with gaps of their own. */
const clips = fc
  .array(fc.double({ min: 0.001, max: 0.2, noNaN: true }), { minLength: 1, maxLength: 120 })
  .map((gaps) => gaps.reduce<number[]>((all, gap) => [...all, (all.at(-1) ?? 0) + gap], [0]));

describe('what is left of a clip’s times without the clip', () => {
  it('gives the same times of what was marked, to the last digit', () => {
    holds(
      fc.property(clips, fc.array(fc.tuple(fc.constantFrom(...MARKS), fc.nat()), { maxLength: 30 }), (frames, made) => {
        const marks = made.map(([kind, at]) => ({ kind, frame: 1 + (at % (frames.length - 1)) }));
        const again = framesFrom(
          stampsOf(
            frames,
            marks.map(({ frame }) => frame),
          ),
        );
        expect(again.length).toBe(frames.length);
        expect(again.every((at, i) => i === 0 || at > (again[i - 1] ?? 0))).toBe(true);
        const timed = (times: Frames): AllTimes => timesOf(times, attemptsOf(marks), repeatsIn({ frames: times, marks, again: [] }));
        expect(timed(again)).toEqual(timed(frames));
      }),
    );
  });

  it('is a few numbers, and between them as even as a camera', () => {
    const frames = framesAt(120, 7200);
    const stamps = stampsOf(frames, [600, 601, 9000]);
    expect(stamps.at.map(([frame]) => frame)).toEqual([0, 599, 600, 601, 7199]);
    const again = framesFrom(stamps);
    expect(Math.max(...again.map((at, i) => Math.abs(at - (frames[i] ?? 0))))).toBeLessThan(1e-9);
  });
});
