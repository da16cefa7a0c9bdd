import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { againstWindow, between, ofSeveral, repeatsOf, within, type Took } from './difference.js';
import { framesAt, seenFirst } from './frames.js';

/** When a frame shows an event first. */
const firstAfter = (frames: readonly number[], event: number): number => frames.findIndex((at) => at >= event);

describe('times between marks', () => {
  it('lie within what is said, whatever the rate and however it changes', () => {
    const gaps = fc.array(fc.double({ min: 0.002, max: 0.05, noNaN: true }), { minLength: 30, maxLength: 60 });
    holds(
      fc.property(
        gaps,
        fc.double({ min: 0.05, max: 0.45, noNaN: true }),
        fc.double({ min: 0.5, max: 0.95, noNaN: true }),
        (all, early, late) => {
          const frames = all.reduce<number[]>((times, gap) => [...times, (times.at(-1) ?? 0) + gap], [0]);
          const length = frames.at(-1) ?? 0;
          const [one, other] = [early * length, late * length];
          const [from, to] = [one, other].map((event) => seenFirst(frames, firstAfter(frames, event)));
          if (!from || !to) return;
          expect(Math.abs(from.at - one)).toBeLessThanOrEqual(from.within + 1e-12);
          const took = between(from, to, 0);
          expect(Math.abs(took.seconds - (other - one))).toBeLessThanOrEqual(within(took) + 1e-12);
        },
      ),
    );
  });

  it('vary as the difference of two even ones does: a sixth of the frame squared (triangular distribution, handbook value)', () => {
    const frame = 1 / 30;
    const took = between({ at: 0.1, within: frame / 2 }, { at: 0.5, within: frame / 2 }, 0);
    expect(took.sd ** 2).toBeCloseTo(frame ** 2 / 6, 12);
    // Events at 4,000 evenly laid phases of the frame, each with each fortieth of the others.
    const frames = framesAt(30, 60);
    const offs: number[] = [];
    for (let i = 0; i < 400; i++)
      for (let k = 0; k < 400; k++) {
        const [one, other] = [0.1 + (frame * (i + 0.5)) / 400, 0.9 + (frame * (k + 0.5)) / 400];
        const [from, to] = [one, other].map((event) => seenFirst(frames, firstAfter(frames, event)));
        if (from && to) offs.push(between(from, to, 0).seconds - (other - one));
      }
    const variance = offs.reduce((sum, off) => sum + off * off, 0) / offs.length;
    expect(variance).toBeCloseTo(frame ** 2 / 6, 7);
    // Half a frame from its value or nearer: three of four, by the triangle.
    expect(offs.filter((off) => Math.abs(off) <= frame / 2).length / offs.length).toBeCloseTo(0.75, 2);
  });

  it('of a frame that has none before it are none', () => {
    expect(() => seenFirst([0, 0.1], 0)).toThrowError(RangeError);
    expect(() => seenFirst([0, 0.1], 2)).toThrowError(RangeError);
    // Eight times slower than life.
    expect(seenFirst(framesAt(30, 3, 8), 1).within).toBeCloseTo(1 / 480, 12);
  });

  it('are inside a window or outside only where all that they may be is; else it is said what rate would tell', () => {
    const at = (seconds: number, rate: number, repeats: number | null = null): Took =>
      between({ at: 0, within: 0.5 / rate }, { at: seconds, within: 0.5 / rate }, repeats);
    const split = [-0.06, 0.04] as const;
    // Thirty pictures a second do not decide forty milliseconds.
    expect(againstWindow(at(0.01, 30), split, 1 / 30)).toEqual({ told: 'cannot-tell', rate: 120 });
    expect(againstWindow(at(0.01, 120), split, 1 / 120)).toEqual({ told: 'inside', rate: null });
    expect(againstWindow(at(0.3, 30), split, 1 / 30)).toEqual({ told: 'outside', rate: null });
    expect(againstWindow(at(-0.2, 30), split, 1 / 30)).toEqual({ told: 'outside', rate: null });
    // On the very edge no rate tells; and a marker who is no better than that is not helped by pictures.
    expect(againstWindow(at(0.04, 240), split, 1 / 240)).toEqual({ told: 'cannot-tell', rate: null });
    expect(againstWindow(at(0.01, 30, 0.03), split, 1 / 30)).toEqual({ told: 'cannot-tell', rate: null });
  });

  it('marked twice say how well they are marked', () => {
    expect(repeatsOf([[0.1, 0.12]])).toBeNull();
    // By hand: differences 0.02, 0, −0.02; squares 0.0008; by 6, its root 0.011547; times 1.96.
    expect(
      repeatsOf([
        [0.12, 0.1],
        [0.3, 0.3],
        [0.5, 0.52],
      ]),
    ).toBeCloseTo(1.96 * 0.0115470054, 9);
  });

  it('of several attempts have a mean, a spread and an interval', () => {
    expect(ofSeveral([])).toBeNull();
    expect(ofSeveral([0.2])).toEqual({ n: 1, mean: 0.2, sd: null, within: null });
    // Student's t at 0.975 with 4 degrees is 2.776445 (tables; value from memory).
    // In one frame all three: no more certain than the frame leaves it (t with 2 degrees is 4.303; handbook value).
    expect(ofSeveral([0.2, 0.2, 0.2], 0.01)?.within).toBeCloseTo((4.303 * 0.01) / Math.sqrt(3), 4);
    const five = ofSeveral([0.2, 0.22, 0.24, 0.26, 0.28]);
    expect([five?.mean, five?.sd, five?.within].map((one) => Number(one?.toFixed(6)))).toEqual([0.24, 0.031623, 0.039265]);
  });
});
