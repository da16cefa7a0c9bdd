import fc from 'fast-check';
import { FAULTS, faultsByCode } from '../catalogue/faults.js';
import { holds } from '../testing/holds.js';
import { faultBook, type SessionTally } from './book.js';
import { DECIDED, type Kept } from './decisions.js';
import { firstToFix } from './first-to-fix.js';
import { nextSession, type NextWant } from './next-session.js';

const day = (week: number): string => new Date(Date.UTC(2026, 0, 5 + 7 * week)).toISOString().slice(0, 10);
const weeks = (fault: string, faulty: readonly number[], of = 40, from = 0): SessionTally[] =>
  faulty.map((hits, i) => ({ day: day(from + i), fault, attempts: of, faulty: hits, noted: 0, left: 0, right: 0 }));
const decided = (fault: string, week: number, decided: Kept['decided'], takenBack = false): Kept => ({
  fault,
  day: day(week),
  decided,
  takenBack,
});
const next = (
  tallies: readonly SessionTally[],
  decisions: readonly Kept[] = [],
  focus: readonly string[] = [],
  today = day(99),
): NextWant[] => {
  const book = faultBook(tallies, decisions);
  return nextSession(book, firstToFix(book, [], faultsByCode(), focus), decisions, focus, today);
};

describe('the next session', () => {
  it('works on what is to be fixed first, as the coach decided last, or else as the rule of thumb says', () => {
    const late = weeks('split-late', [20, 21, 19, 20]);
    const of = (decisions: readonly Kept[]) => next(late, decisions)[0];
    expect(of([])?.reason).toEqual({ code: 'first', to: 'back', decidedOn: null, rate: 0.5, evenings: 4 });
    expect(of([])?.kinds).toEqual(['isolate', 'beats']);
    const kept = [decided('split-late', 3, 'next'), decided('split-late', 1, 'stay'), decided('eyes', 3, 'back')];
    expect(of(kept)?.reason).toEqual({ code: 'first', to: 'next', decidedOn: day(3), rate: 0.5, evenings: 4 });
    expect(of([decided('split-late', 3, 'next', true), ...kept.slice(1)])?.reason).toEqual(
      jasmine.objectContaining({ to: 'stay', decidedOn: day(1) }),
    );
    // Too few looked at is no reason to change anything.
    expect(next(weeks('split-late', [3, 2], 10))[0]?.reason).toEqual(jasmine.objectContaining({ to: 'stay', decidedOn: null }));
  });

  it('looks first at what was cleared and is due, in the warm-up, and at nothing before it is', () => {
    const cleared = weeks('split-late', [1, 0, 0, 0, 0, 0, 0, 0], 60);
    expect(next(cleared, [], [], day(9)).map(({ fault, part, reason }) => [fault, part, reason])).toEqual([
      ['split-late', 'warm-up', { code: 'due', due: day(9) }],
    ]);
    expect(next(cleared, [], [], day(8))).toEqual([]);
  });

  it('looks at what is in focus and was not watched in the last four evenings', () => {
    const book = [...weeks('tall', [9, 9, 9, 9, 9, 9]), ...weeks('eyes', [0, 0], 40)];
    const looks = next(book, [], ['eyes', 'heels-down', 'tall']).filter(({ reason }) => reason.code === 'unwatched');
    expect(looks.map(({ fault, reason }) => [fault, reason])).toEqual([
      ['eyes', { code: 'unwatched', evenings: 4 }],
      ['heels-down', { code: 'unwatched', evenings: 4 }],
    ]);
  });

  it('holds each fault once, and seven at most, whatever the book says', () => {
    const codes = FAULTS.slice(0, 12).map(({ code }) => code);
    const tally = fc.record({
      ...{ day: fc.nat({ max: 40 }).map(day), fault: fc.constantFrom(...codes), attempts: fc.constantFrom(0, 10, 60) },
      ...{ faulty: fc.nat({ max: 10 }), noted: fc.nat({ max: 2 }), left: fc.constant(0), right: fc.constant(0) },
    });
    const kept = fc.record({
      ...{
        fault: fc.constantFrom(...codes),
        day: fc.nat({ max: 40 }).map(day),
        decided: fc.constantFrom(...DECIDED),
        takenBack: fc.boolean(),
      },
    });
    holds(
      fc.property(fc.array(tally, { maxLength: 60 }), fc.array(kept, { maxLength: 5 }), fc.subarray(codes), (tallies, decisions, focus) => {
        const could = tallies.map((one) => ({ ...one, faulty: Math.min(one.faulty, one.attempts) }));
        const wants = next(could, decisions, focus, day(60));
        expect(new Set(wants.map(({ fault }) => fault)).size).toBe(wants.length);
        expect(wants.length).toBeLessThanOrEqual(7);
        for (const { reason, fault } of wants) if (reason.code === 'unwatched') expect(focus).toContain(fault);
      }),
    );
  });
});
