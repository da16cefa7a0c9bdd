import fc from 'fast-check';
import type { Rounds } from '../language/rounds.js';
import { beepsOf } from '../log/beeps.js';
import { holds } from '../testing/holds.js';
import { clockText } from './clock-text.js';
import { totalsOfRounds, stretchesOfRounds, openInRounds } from './rounds.js';

const anyDose = fc.record({
  mode: fc.constantFrom('seconds' as const, 'reps' as const),
  work: fc.integer({ min: 1, max: 120 }),
  rounds: fc.integer({ min: 1, max: 12 }),
  sets: fc.integer({ min: 1, max: 5 }),
  rest: fc.option(fc.integer({ min: 0, max: 90 })),
  setRest: fc.option(fc.integer({ min: 0, max: 180 })),
});
const anyRep = fc.option(fc.double({ min: 0.2, max: 9, noNaN: true }));

describe('any dose', () => {
  it('is a clock without gaps whose parts sum to the total, with S(R − 1) and S − 1 rests', () => {
    holds(
      fc.property(anyDose, anyRep, (dose: Rounds, rep) => {
        const stretches = stretchesOfRounds(dose, rep);
        let at = 0;
        for (const stretch of stretches) {
          expect(stretch.start).toBeCloseTo(at, 9);
          expect(stretch.end).toBeGreaterThan(stretch.start);
          at = stretch.end;
        }
        const totals = totalsOfRounds(dose, rep);
        expect(totals.total).toBeCloseTo(at, 6);
        const rests = (kind: string): number => stretches.filter((one) => one.kind === kind).length;
        if (stretches.some((one) => one.kind === 'work')) {
          expect(rests('rest')).toBe((dose.rest ?? 0) > 0 ? dose.sets * (dose.rounds - 1) : 0);
          expect(rests('set-rest')).toBe((dose.setRest ?? 0) > 0 ? dose.sets - 1 : 0);
        }
        expect(totals.work + totals.rest).toBeCloseTo(totals.total, 9);
        if (stretches.some((stretch) => stretch.kind === 'work')) expect(stretches.at(-1)?.kind).toBe('work');
      }),
    );
  });

  it('counts only whole repetitions, and all of those', () => {
    holds(
      fc.property(anyDose, anyRep, (dose: Rounds, rep) => {
        const { repsARound, reps } = totalsOfRounds(dose, rep);
        expect(reps).toBe(repsARound * dose.rounds * dose.sets);
        if (dose.mode === 'seconds' && rep !== null) {
          expect(repsARound * rep).toBeLessThanOrEqual(dose.work + 1e-6);
          expect((repsARound + 1) * rep).toBeGreaterThan(dose.work - 1e-6);
        }
      }),
    );
  });

  it('says at least while something is open, and exactly what is', () => {
    holds(
      fc.property(anyDose, anyRep, (dose: Rounds, rep) => {
        const open = openInRounds(dose, rep);
        expect(open.includes('rest')).toBe(dose.rounds > 1 && dose.rest === null);
        expect(open.includes('set-rest')).toBe(dose.sets > 1 && dose.setRest === null);
        expect(open.includes('repetition')).toBe(dose.mode === 'reps' && rep === null);
        expect(totalsOfRounds(dose, rep).atLeast).toBe(open.length > 0);
      }),
    );
  });

  it('sounds once at each change and at the end, ticks never inside another tone’s second', () => {
    holds(
      fc.property(anyDose, (dose: Rounds) => {
        const stretches = stretchesOfRounds(dose, 2);
        const beeps = beepsOf(stretches);
        const tones = beeps.filter(({ sound }) => sound !== 'tick' && sound !== 'ten').map((beep) => beep.at);
        expect(tones).toEqual([...stretches.map((stretch) => stretch.start), stretches.at(-1)?.end ?? 0]);
        // Ten seconds before the end of each long piece of work that ends by itself.
        const long = stretches.filter(({ kind, open, start, end }) => kind === 'work' && !open && end - start > 20);
        expect(beeps.filter(({ sound }) => sound === 'ten').map(({ at }) => at)).toEqual(long.map(({ end }) => end - 10));
        for (const tick of beeps.filter((beep) => beep.sound === 'tick'))
          expect(tones.some((tone) => tick.at >= tone && tick.at < tone + 1 - 1e-9)).toBeFalse();
      }),
    );
  });
});

describe('presets of the published formats (values from memory)', () => {
  const total = (work: number, rounds: number, rest: number): string =>
    clockText(totalsOfRounds({ mode: 'seconds', work, rounds, sets: 1, rest, setRest: null }, null).total);

  it('add up as the clock on the wall does', () => {
    // Boxing elite 3 × 3 min with 1 min (IBA); mixed rules 5 × 5 with 1; kickboxing 3 × 2 with 1 (WAKO); fencing direct bout 3 × 3 with 1 (FIE).
    expect([total(180, 3, 60), total(300, 5, 60), total(120, 3, 60), total(180, 3, 60)]).toEqual(['11:00', '29:00', '8:00', '11:00']);
  });

  it('a clock shows hours when there are any, and a second until it is over', () => {
    expect([clockText(3661), clockText(59.01), clockText(0.01), clockText(0), clockText(-4)]).toEqual([
      '1:01:01',
      '1:00',
      '0:01',
      '0:00',
      '0:00',
    ]);
  });
});
