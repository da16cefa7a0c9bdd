import fc from 'fast-check';
import { readDose } from '../language/dose-text.js';
import type { Chime } from '../language/dose.js';
import { holds } from '../testing/holds.js';
import { aStage, seenOf, sessionOf } from '../testing/sessions.js';
import { chimedRound } from './chimes.js';
import { fitToTime } from './session/fit-time.js';
import { sessionTotals } from './session/totals.js';

const chime = (every: number, when: Chime['when'], onBell = false): Chime => ({ every, does: '', when, onBell });

interface Went {
  readonly starts: readonly number[];
  readonly chimes: readonly (readonly [chime: number, from: number])[];
  readonly cut: number;
}

const cents = (seconds: number): number => Math.round(seconds * 100);

/** The same round gone through tick by tick, in hundredths of a second. */
function ticked(round: number, rep: number, chimes: readonly Chime[], takes: readonly number[]): Went {
  const starts: number[] = [];
  const went: [number, number][] = [];
  const queue: number[] = [];
  let cut = 0;
  let repetition: number | null = 0;
  let busy: number | null = null;
  const begin = (which: number, t: number): void => {
    went.push([which, t / 100]);
    busy = t + cents(takes[which] ?? 0);
    repetition = null;
  };
  for (let t = 0; t < 100_000 && (t <= cents(round) || busy !== null || queue.length > 0); t++) {
    if (repetition !== null && t === repetition + cents(rep)) {
      if (t <= cents(round)) starts.push(repetition / 100);
      repetition = null;
    }
    chimes.forEach(({ every, when, onBell }, i) => {
      const falls = t > 0 && t % cents(every) === 0 && (t < cents(round) || (onBell && t === cents(round)));
      if (!falls) return;
      if (when === 'at once' && repetition !== null && t > repetition) {
        cut++;
        begin(i, t);
      } else queue.push(i);
    });
    while (busy !== null && t >= busy) {
      busy = null;
      const next = queue.shift();
      if (next !== undefined) begin(next, t);
    }
    while (repetition === null && busy === null) {
      const next = queue.shift();
      if (next === undefined) break;
      begin(next, t);
      if ((takes[next] ?? 0) === 0) busy = null;
    }
    if (repetition === null && busy === null && t < cents(round)) repetition = t;
  }
  return { starts, chimes: went, cut };
}

const rounded = ({ starts, chimes, cut }: ReturnType<typeof chimedRound>): Went => ({
  starts: starts.map((at) => Math.round(at * 100) / 100),
  chimes: chimes.map((one) => [one.chime, Math.round(one.from * 100) / 100] as const),
  cut,
});

describe('chimes in a round', () => {
  it('a repetition that ends after the bell is no whole one', () => {
    const round = chimedRound(20, 1.23, [chime(20, 'at cycle end', true)], [1]);
    expect(round.starts.length).toBe(16);
    expect(round.chimes.map((one) => one.from)).toEqual([jasmine.any(Number)]);
    expect(round.chimes[0]?.from).toBeCloseTo(17 * 1.23, 9);
  });

  it('one at once does not wait behind one that waits for the end of a repetition', () => {
    const round = chimedRound(30, 4.15, [chime(10, 'at cycle end'), chime(11, 'at once')], [1, 2]);
    // At 10 s the third repetition is under way until 12.45 s; at 11 s it is cut off, and what waited for it comes after.
    expect(round.chimes.slice(0, 2).map((one) => [one.chime, one.from])).toEqual([
      [1, 11],
      [0, 13],
    ]);
    expect(round.cut).toBeGreaterThan(0);
  });

  it('any round goes as it does tick by tick', () => {
    const parts = (low: number, high: number) => fc.integer({ min: low, max: high }).map((n) => n / 100);
    const one = fc
      .record({
        every: fc.integer({ min: 2, max: 25 }),
        when: fc.constantFrom('at once' as const, 'at cycle end' as const),
        onBell: fc.boolean(),
      })
      .map(({ every, when, onBell }) => chime(every, when, onBell));
    const takes = fc.array(parts(10, 400), { minLength: 3, maxLength: 3 });
    holds(
      fc.property(
        fc.integer({ min: 5, max: 60 }),
        parts(60, 900),
        fc.array(one, { minLength: 1, maxLength: 3 }),
        takes,
        (round, rep, chimes, long) => {
          expect(rounded(chimedRound(round, rep, chimes, long))).toEqual(ticked(round, rep, chimes, long));
        },
      ),
    );
  });

  it('what is chimed adds up with the rest', () => {
    const steps = 'bounce 2';
    const [stage] = [aStage('60 s, every 15 s (lunge ahead right foot, recover back) at cycle end and on the bell', { steps })];
    const session = sessionOf(stage ? [stage] : []);
    expect(sessionTotals(seenOf(session), session).all.lunges).toEqual({ left: 0, right: 4 });
  });

  it('what is chimed is turned round with the line, and is as slow as the line', () => {
    const chimed = (dose: string, tempo = 1) => {
      const session = sessionOf([aStage(dose, { steps: 'bounce 2', tempo })]);
      return seenOf(session)[0];
    };
    const turned = chimed('2 × 60 s each side, rest 20 s, every 15 s (shuffle right 40 cm, lunge ahead) at cycle end');
    expect(turned?.chimed[0]?.[1].text).toContain('shuffle left 40 cm');
    const seconds = (tempo: number) => chimed('60 s, every 15 s (lunge ahead, recover back)', tempo)?.chimed[0]?.[0].seconds ?? 0;
    expect(seconds(1.5)).toBeGreaterThan(1.4 * seconds(1));
  });
});

describe('what a dose leaves open', () => {
  const totals = (dose: string, steps = 'shuffle right 40 cm, shuffle left 40 cm') => {
    const session = sessionOf([aStage(dose, { steps })]);
    return sessionTotals(seenOf(session), session);
  };

  it('a rest from so much to so much keeps both ends', () => {
    expect(readDose('3 × 30 s, rest 20–30 s').dose?.rest).toEqual({ low: 20, high: 30 });
    const { all, most } = totals('3 × 30 s, rest 20–30 s');
    expect([all.rest, most.rest]).toEqual([40, 60]);
    const wrong = readDose('3 × 30 s, rest 30–20 s');
    expect(wrong.errors.map(({ code, instead }) => [code, instead])).toEqual([['downwards', 'rest 20–30 s']]);
  });

  it('what is fitted to the time takes the least of a rest too, so that it is not longer than it says', () => {
    const session = sessionOf([aStage('3 × 30 s, rest 20–30 s')]);
    const [fitted] = fitToTime(seenOf(session), session, 140).stages;
    expect([fitted?.dose, fitted?.seconds]).toEqual(['3 × 30 s, rest 20 s', 130]);
    expect(totals(fitted?.dose ?? '').most.total).toBe(130);
  });

  it('both sides, until it is said how, are so many in all', () => {
    for (const n of [9, 10]) {
      const [open, all, each] = [`${n} both sides`, `${n} both sides in all`, `${n} each side`].map((dose) => totals(dose).all);
      expect([open?.reps, open?.total]).toEqual([all?.reps, all?.total]);
      expect(each?.reps).toBe(2 * n);
    }
  });
});
