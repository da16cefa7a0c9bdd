import fc from 'fast-check';
import type { Rounds } from '../language/rounds.js';
import { holds } from '../testing/holds.js';
import { clockText } from './clock-text.js';
import { totalsOfRounds, stretchesOfRounds, openInRounds } from './rounds.js';
import { wholeReps } from './work-and-rest.js';

const anyDose = fc.record<Rounds>({
  mode: fc.constant('seconds'),
  work: fc.integer({ min: 1, max: 600 }),
  rounds: fc.integer({ min: 1, max: 12 }),
  sets: fc.integer({ min: 1, max: 6 }),
  rest: fc.integer({ min: 0, max: 120 }),
  setRest: fc.integer({ min: 0, max: 300 }),
});

describe('the clock of a dose', () => {
  it('parts sum to the total, without a rest after the last', () => {
    holds(
      fc.property(anyDose, (dose) => {
        const stretches = stretchesOfRounds(dose, null);
        const totals = totalsOfRounds(dose, null);
        expect(stretches.reduce((sum, p) => sum + p.end - p.start, 0)).toBe(totals.total);
        expect(stretches.at(-1)?.kind).toBe('work');
        expect(stretches.filter((p) => p.kind === 'work').length).toBe(dose.rounds * dose.sets);
        stretches.forEach((p, i) => expect(p.start).toBe(stretches[i - 1]?.end ?? 0));
      }),
    );
  });

  it('3 × 3 min with one-minute rests is 11 minutes (IBA elite bout), 12 × 3 is 47 (championship; both values from memory)', () => {
    const bout = (rounds: number): Rounds => ({ mode: 'seconds', work: 180, rounds, sets: 1, rest: 60, setRest: null });
    expect(totalsOfRounds(bout(3), null).total).toBe(11 * 60);
    expect(totalsOfRounds(bout(12), null).total).toBe(47 * 60);
  });

  it('never invents a rest: what is not decided is said', () => {
    const open: Rounds = { mode: 'reps', work: 8, rounds: 3, sets: 2, rest: null, setRest: null };
    expect(openInRounds(open, null)).toEqual(['rest', 'set-rest', 'repetition']);
    expect(totalsOfRounds(open, 2).atLeast).toBeTrue();
    expect(totalsOfRounds(open, 2).total).toBe(96);
    expect(openInRounds({ ...open, rounds: 1, sets: 1 }, 2)).toEqual([]);
  });

  it('holds whole repetitions only', () => {
    expect(wholeReps(30, 2.28)).toBe(13);
    expect(wholeReps(30, 3)).toBe(10);
    expect(wholeReps(30, null)).toBe(0);
  });

  it('reads like a clock', () => {
    expect([320, 0, 59.2, 3723, -4].map(clockText)).toEqual(['5:20', '0:00', '1:00', '1:02:03', '0:00']);
  });
});
