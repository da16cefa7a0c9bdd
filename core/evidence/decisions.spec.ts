import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { cameOf, DECIDED, runningTest, saidBy, type Kept } from './decisions.js';
import { differenceOf } from './difference.js';
import { sequential } from './sequential.js';

const day = (n: number): string => new Date(Date.UTC(2026, 0, 1 + n)).toISOString().slice(0, 10);
const evening = (n: number, hits: number, of = 20) => ({ day: day(n), n: of, hits });

describe('a decision', () => {
  const of = { fault: 'tall', day: day(0) };

  it('is held against what came after the day up to which was known, and the four evenings up to it', () => {
    const evenings = [evening(0, 20), ...[7, 14, 21, 28].map((n) => evening(n, 10)), evening(29, 0, 0), evening(35, 2), evening(42, 4)];
    const came = cameOf(evenings, { fault: 'tall', day: day(28) }, []);
    expect([came.evenings, came.since]).toEqual([2, { hits: 6, n: 40 }]);
    expect(came.difference).toEqual(differenceOf(evenings.slice(1, 5), evenings.slice(6)));
    expect([came.difference?.earlier, came.difference?.later]).toEqual([0.5, 0.15]);
  });

  it('has come to nothing yet where nothing was watched since, and to no difference where nothing was before', () => {
    const none = { until: null, difference: null };
    expect(cameOf([evening(0, 3), evening(7, 0, 0)], of, [])).toEqual({ evenings: 0, since: { hits: 0, n: 0 }, ...none });
    expect(cameOf([evening(7, 3)], of, [])).toEqual({ evenings: 1, since: { hits: 3, n: 20 }, ...none });
  });

  it('has what came of it as far as the next one for going on or back that stands: what came later came of that', () => {
    const evenings = [evening(0, 10), evening(7, 10), evening(14, 2), evening(21, 2), evening(28, 20)];
    const kept = (n: number, decided: Kept['decided'], more: Partial<Kept> = {}): Kept => ({
      ...{ fault: 'tall', day: day(n), decided, takenBack: false },
      ...more,
    });
    const [mine, next] = [kept(7, 'back'), kept(21, 'next')];
    // To stay changes nothing; nor does what was taken back, or is of another fault.
    const others = [kept(14, 'stay'), kept(14, 'back', { takenBack: true }), kept(14, 'next', { fault: 'eyes' })];
    const came = cameOf(evenings, mine, [next, mine, ...others]);
    expect([came.evenings, came.since, came.until]).toEqual([2, { hits: 4, n: 40 }, day(21)]);
    expect(came.difference).toEqual(differenceOf(evenings.slice(0, 2), evenings.slice(2, 4)));
    expect(cameOf(evenings, next, [next, mine]).since).toEqual({ hits: 20, n: 20 });
  });

  it('for going on or back begins the running test anew; to stay, to take back, or of another fault does not', () => {
    holds(
      fc.property(
        fc.array(
          fc.record({
            fault: fc.constantFrom('tall', 'eyes'),
            day: fc.nat({ max: 60 }).map(day),
            decided: fc.constantFrom(...DECIDED),
            takenBack: fc.boolean(),
          }),
          { maxLength: 6 },
        ),
        fc.uniqueArray(fc.nat({ max: 60 }), { maxLength: 12 }),
        (decisions: Kept[], days) => {
          const evenings = days.sort((a, b) => a - b).map((n) => evening(n, n % 5));
          const counts = ({ day: on }: { day: string }): boolean =>
            !decisions.some((one) => one.fault === 'tall' && !one.takenBack && one.decided !== 'stay' && one.day >= on);
          const [tested, test] = [evenings.filter(counts), runningTest(evenings, decisions, 'tall')];
          const { after, on, ...plain } = test;
          expect(plain).toEqual(sequential(tested));
          expect(on).toBe(plain.decidedAfter === null ? null : (tested[plain.decidedAfter - 1]?.day ?? ''));
          expect(after === null || !tested.some((one) => one.day <= after)).toBeTrue();
        },
      ),
    );
  });

  it('says what each rule said', () => {
    const running = sequential(Array.from({ length: 6 }, () => ({ hits: 20, n: 20 })));
    expect([saidBy('thumb', 'not enough', running), saidBy('running', 'not enough', running)]).toEqual(['not enough', 'back']);
  });
});
