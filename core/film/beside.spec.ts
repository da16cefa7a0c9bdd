import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { frameBeside, longer, sharedMarks, spanOf, spanOfAttempt, timesBeside, type Beside } from './beside.js';
import { between } from './difference.js';
import { framesAt, seenFirst } from './frames.js';
import { attemptsOf, type MarkKind } from './marks.js';
import { timesOf } from './times.js';

const attempt = (rate: number, ...marks: readonly (readonly [MarkKind, number])[]): Beside => ({
  frames: framesAt(rate, 400),
  attempt: marks.map(([kind, seconds]) => ({ kind, frame: Math.round(seconds * rate) })),
});

describe('attempts beside each other', () => {
  const [slow, fast] = [
    attempt(30, ['contact', 2], ['split-down', 2.1], ['own-contact', 3]),
    attempt(120, ['split-down', 0.5], ['own-contact', 1.2]),
  ];

  it('are joined at what all of them have', () => {
    expect(sharedMarks([slow, fast])).toEqual(['split-down', 'own-contact']);
    expect(sharedMarks([slow])).toEqual(['contact', 'split-down', 'own-contact']);
    expect(sharedMarks([])).toEqual([]);
  });

  it('show the same moment, whatever the rate of each: no more than a frame of its own apart', () => {
    holds(
      fc.property(
        fc.double({ min: -0.3, max: 1.2, noNaN: true }),
        fc.constantFrom('split-down' as const, 'own-contact' as const),
        (at, joint) => {
          for (const one of [slow, fast]) {
            const [frame, zero] = [frameBeside(one, joint, at) ?? -1, one.attempt.find(({ kind }) => kind === joint)?.frame ?? -1];
            const [shown, asked] = [(one.frames[frame] ?? 0) - (one.frames[zero] ?? 0), at];
            // The last frame that has come by then; before the clip begins, its first.
            if (frame > 0) expect(shown).toBeLessThanOrEqual(asked + 1e-6);
            if (frame < one.frames.length - 1) expect((one.frames[frame + 1] ?? 0) - (one.frames[zero] ?? 0)).toBeGreaterThan(asked - 1e-6);
          }
        },
      ),
    );
    expect(frameBeside(fast, 'contact', 0)).toBeNull();
  });

  it('are looked at from the first mark of any to the last of any, and no further than one has film', () => {
    const [from, to] = spanOf([slow, fast], 'split-down');
    expect(from).toBeCloseTo(-0.4, 6);
    expect(to).toBeCloseTo(1.2, 6);
    expect(spanOfAttempt(framesAt(30, 61), [{ kind: 'contact', frame: 2 }])).toEqual([0, 2 / 30 + 0.3]);
    expect(spanOfAttempt([], [])).toEqual([0, 0]);
  });

  it('differ in a time only where neither film leaves it open', () => {
    const took = (rate: number, frames: number) => {
      const all = framesAt(rate, 200);
      return between(seenFirst(all, 10), seenFirst(all, 10 + frames), 0);
    };
    // By hand: at 60 pictures a second each difference is open by one frame, two of them by two: 33.3 ms.
    expect(longer(took(60, 5), took(60, 8))).toEqual({ by: jasmine.any(Number), within: jasmine.any(Number), told: true });
    expect(longer(took(60, 5), took(60, 8)).by).toBeCloseTo(0.05, 9);
    expect(longer(took(60, 5), took(60, 8)).within).toBeCloseTo(2 / 60, 9);
    expect(longer(took(60, 5), took(60, 6)).told).toBeFalse();
    expect(longer(took(60, 8), took(60, 5)).by).toBeCloseTo(-0.05, 9);
    // A slower film beside it leaves more open.
    expect(longer(took(30, 5), took(60, 8)).told).toBeFalse();
  });

  it('never tells two apart that are one, wherever its moments lay between frames', () => {
    holds(
      fc.property(
        fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        fc.array(fc.double({ min: 0.2, max: 0.3, noNaN: true }), { minLength: 2, maxLength: 2 }),
        fc.constantFrom(25, 30, 60, 120),
        (seconds, begins, rate) => {
          const frames = framesAt(rate, rate * 2);
          const [one, other] = begins.map((begin) => {
            const frame = (at: number): number => Math.floor(at * rate) + 1;
            return between(seenFirst(frames, frame(begin)), seenFirst(frames, frame(begin + seconds)), 0);
          });
          if (!one || !other) throw new RangeError('two are made');
          const { by, within } = longer(one, other);
          expect(Math.abs(by)).toBeLessThanOrEqual(within + 1e-9);
        },
      ),
    );
  });

  it('have their times in one table, a gap where one was not marked', () => {
    const frames = framesAt(60, 300);
    const times = (marks: Parameters<typeof attemptsOf>[0]) => timesOf(frames, attemptsOf(marks), null).times;
    const rows = timesBeside([
      times([
        { kind: 'contact', frame: 10 },
        { kind: 'split-down', frame: 16 },
        { kind: 'own-contact', frame: 60 },
      ]),
      times([
        { kind: 'contact', frame: 10 },
        { kind: 'own-contact', frame: 90 },
      ]),
    ]);
    expect(rows.map(({ time, each }) => [time, ...each.map((one) => one?.longer?.told ?? null)])).toEqual([
      ['split', null, null],
      ['answer', null, true],
    ]);
  });
});
