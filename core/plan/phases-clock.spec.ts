import fc from 'fast-check';
import type { Dose } from '../language/rounds.js';
import { beepsOf } from '../log/clock.js';
import { holds } from '../testing/holds.js';
import { clockText, doseTotals, phasesOf, undecided } from './phases.js';

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
      fc.property(anyDose, anyRep, (dose: Dose, rep) => {
        const phases = phasesOf(dose, rep);
        let at = 0;
        for (const phase of phases) {
          expect(phase.start).toBeCloseTo(at, 9);
          expect(phase.end).toBeGreaterThan(phase.start);
          at = phase.end;
        }
        const totals = doseTotals(dose, rep);
        expect(totals.total).toBeCloseTo(at, 6);
        expect(totals.rests).toBe(dose.sets * (dose.rounds - 1));
        expect(totals.setRests).toBe(dose.sets - 1);
        expect(totals.work + totals.restSeconds + totals.setRestSeconds).toBeCloseTo(totals.total, 9);
        if (phases.some((phase) => phase.kind === 'work')) expect(phases.at(-1)?.kind).toBe('work');
      }),
    );
  });

  it('counts only whole repetitions, and all of those', () => {
    holds(
      fc.property(anyDose, anyRep, (dose: Dose, rep) => {
        const { repsARound, reps } = doseTotals(dose, rep);
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
      fc.property(anyDose, anyRep, (dose: Dose, rep) => {
        const open = undecided(dose, rep);
        expect(open.includes('rest')).toBe(dose.rounds > 1 && dose.rest === null);
        expect(open.includes('set-rest')).toBe(dose.sets > 1 && dose.setRest === null);
        expect(open.includes('repetition')).toBe(dose.mode === 'reps' && rep === null);
        expect(doseTotals(dose, rep).atLeast).toBe(open.length > 0);
      }),
    );
  });

  it('sounds once at each change and at the end, ticks never inside another tone’s second', () => {
    holds(
      fc.property(anyDose, (dose: Dose) => {
        const phases = phasesOf(dose, 2);
        const beeps = beepsOf(phases);
        const tones = beeps.filter((beep) => beep.sound !== 'tick').map((beep) => beep.at);
        expect(tones).toEqual([...phases.map((phase) => phase.start), phases.at(-1)?.end ?? 0]);
        for (const tick of beeps.filter((beep) => beep.sound === 'tick'))
          expect(tones.some((tone) => tick.at >= tone && tick.at < tone + 1 - 1e-9)).toBeFalse();
      }),
    );
  });
});

describe('presets of the published formats (values from memory)', () => {
  const total = (work: number, rounds: number, rest: number): string =>
    clockText(doseTotals({ mode: 'seconds', work, rounds, sets: 1, rest, setRest: null }, null).total);

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
