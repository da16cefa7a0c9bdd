import fc from 'fast-check';
import type { HeldChoices } from '../judge/schools.js';
import { holds } from '../testing/holds.js';
import { measuredFaults } from './attempt-faults.js';
import { againstWindow, between, ofSeveral, repeatsOf, within, type Took } from './difference.js';
import { frameNearest, framesAt, seenFirst } from './frames.js';
import { attemptsOf, outOfOrder, type Mark } from './marks.js';
import { timesOf, type Timed, type TimeName } from './times.js';

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

  it('belong to the frame whose time is nearest', () => {
    holds(
      fc.property(
        fc.array(fc.double({ min: 0.002, max: 0.2, noNaN: true }), { minLength: 1, maxLength: 30 }),
        fc.double({ min: -0.1, max: 7, noNaN: true }),
        (gaps, seconds) => {
          const frames = gaps.reduce<number[]>((times, gap) => [...times, (times.at(-1) ?? 0) + gap], [0]);
          const nearest = Math.min(...frames.map((at) => Math.abs(at - seconds)));
          expect(Math.abs((frames[frameNearest(frames, seconds)] ?? Infinity) - seconds)).toBeCloseTo(nearest, 5);
        },
      ),
    );
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

describe('times of an attempt', () => {
  const frames = framesAt(240, 2000);
  const ms = (marks: readonly Mark[], choices: HeldChoices = {}): Readonly<Partial<Record<TimeName, number>>> =>
    Object.fromEntries(
      timesOf(frames, attemptsOf(marks), 0, choices).times.map(({ time, took }) => [time, Math.round(took.seconds * 1000)]),
    );

  it('of somebody who is fought: what moves first, the hand before the foot, the strike', () => {
    const lunge: Mark[] = [
      { kind: 'cue', frame: 24 },
      { kind: 'strike-begun', frame: 72 },
      { kind: 'first-step', frame: 84 },
      { kind: 'right-down', frame: 204 },
      { kind: 'own-contact', frame: 192 },
    ];
    // Frames by hand: 48, 12, 120, 120 and −12 of 240 a second.
    expect(ms(lunge)).toEqual({ reaction: 200, hand: 50, step: 500, 'strike-took': 500, strike: -50 });
    const foot = lunge.map((mark) => (mark.kind === 'strike-begun' ? { ...mark, frame: 96 } : mark));
    expect([ms(foot).reaction, ms(foot).hand]).toEqual([250, -50]);
    // Who had moved before the opponent did reacted to nothing.
    expect(ms(lunge.map((mark) => (mark.kind === 'cue' ? { ...mark, frame: 80 } : mark))).reaction).toBeUndefined();
  });

  it('hold the hand to its foot where the school does, and to nothing elsewhere', () => {
    const hand = (first: number, choices: HeldChoices): Timed | undefined =>
      timesOf(
        frames,
        attemptsOf([
          { kind: 'strike-begun', frame: first },
          { kind: 'first-step', frame: 100 },
          { kind: 'own-contact', frame: 220 },
        ]),
        0,
        choices,
      ).times.find(({ time }) => time === 'hand');
    const blades: HeldChoices = { preset: { 'strike-window': 'hand-first' } };
    expect([70, 100, 110].map((first) => hand(first, blades)?.judged?.told)).toEqual(['inside', 'cannot-tell', 'outside']);
    expect(hand(110, {})?.window).toBeNull();
    expect(hand(110, blades)?.held).toEqual({ topic: 'strike-window', option: 'hand-first', by: 'preset' });
    const late = hand(110, blades);
    expect([...measuredFaults(late ? [late] : [])]).toEqual([['out-of-time', [1]]]);
  });

  it('of a ball that bounces, and of who strikes first', () => {
    const ball: Mark[] = [
      { kind: 'contact', frame: 24 },
      { kind: 'bounce', frame: 120 },
      { kind: 'own-contact', frame: 156 },
    ];
    expect(ms(ball)).toEqual({ answer: 550, 'after-bounce': 150 });
    const first: Mark[] = [
      { kind: 'own-contact', frame: 24 },
      { kind: 'contact', frame: 120 },
    ];
    expect(ms(first)).toEqual({});
    expect([outOfOrder(attemptsOf(first)).length, outOfOrder(attemptsOf(first), true).length]).toEqual([1, 0]);
  });

  it('hold a ball that is fed to its release, and say who says so', () => {
    const fed = (kind: 'contact' | 'release', choices: HeldChoices): Timed | undefined =>
      timesOf(
        frames,
        attemptsOf([
          { kind, frame: 100 },
          { kind: 'split-down', frame: 100 },
        ]),
        0,
        choices,
      ).times[0];
    expect(fed('release', {})?.held).toEqual({ topic: 'split-timing', option: 'release', by: 'usual' });
    expect(fed('release', { club: { 'split-timing': 'before' } })?.held?.by).toBe('usual');
    expect(fed('release', { club: { 'split-timing': 'release' } })?.held?.by).toBe('club');
    expect(fed('contact', { club: { 'split-timing': 'before' } })?.window).toEqual([-0.2, 0]);
    expect(fed('release', { club: { 'split-timing': 'before' } })?.held?.by).toBe('usual');
    expect(fed('release', { club: { 'split-timing': 'release' } })?.held?.by).toBe('club');
    expect(fed('contact', { club: { 'split-timing': 'off' } })?.held).toBeNull();
  });
});
