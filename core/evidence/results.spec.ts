import fc from 'fast-check';
import { seeded } from '../motion/seeded.js';
import { holds } from '../testing/holds.js';
import { against, resultsOf, type ResultRow } from './results.js';

const row = (evening: number, stage: string, result: ResultRow['result'], clean: number, faulty: number, unwatched = 0): ResultRow => ({
  ...{ evening: String(evening), stage, result, clean, faulty, unwatched },
});

describe('results beside clean feet', () => {
  it('are kept apart, and held against each other within what was done', () => {
    const rows = [
      ...[row(1, 'Corner', null, 20, 10), row(1, 'Corner', 'hit', 16, 2, 3), row(1, 'Corner', 'out', 4, 8)],
      ...[row(2, 'Corner', null, 22, 8), row(2, 'Corner', 'in', 18, 2), row(2, 'Corner', 'missed', 4, 6, 1)],
      row(2, 'Net', null, 5, 5),
    ];
    const { stages, byClean, unwatched } = resultsOf(rows);
    expect(stages.map(({ stage, good, clean }) => [stage, good.hits, good.n, clean.hits, clean.n])).toEqual([
      ['Corner', 41, 64, 42, 60],
      ['Net', 0, 0, 5, 10],
    ]);
    expect(stages[1]?.interval).toBeNull();
    expect(unwatched).toBe(4);
    // By hand: weights 20·10/30 and 22·8/30; of those not clean 0.2 and 0.25 were good, of the clean 0.8 and 18/22.
    expect([byClean?.earlier.toFixed(3), byClean?.later.toFixed(3)]).toEqual(['0.223', '0.809']);
    expect(byClean?.low).toBeGreaterThan(0);
  });

  it('what is done oftener on one side does not count for a difference: an easy thing that is always clean', () => {
    // Easy: always clean, always in. Hard: clean or not, in as often.
    const rows = [row(1, 'Easy', 'in', 50, 0), row(1, 'Hard', 'in', 10, 10), row(1, 'Hard', 'out', 10, 10)];
    const { byClean } = resultsOf(rows);
    expect([byClean?.value, byClean?.leftOut]).toEqual([0, 50]);
  });

  it('A against B says a difference with its interval, and too few are too few', () => {
    const rows = [1, 2, 3, 4].flatMap((evening) => [
      ...[row(evening, 'A', 'in', 0, 0, 10), row(evening, 'A', 'out', 0, 0, 10)],
      ...[row(evening, 'B', 'in', 0, 0, 18), row(evening, 'B', 'out', 0, 0, 2)],
      row(evening, 'C', 'in', 0, 0, 1),
    ]);
    const { good, clean } = against(rows, 'A', 'B');
    expect(good?.value).toBeCloseTo(0.4, 9);
    expect(good && good.low > 0).toBe(true);
    expect(clean).toBeNull();
    expect(against(rows, 'A', 'C').good).toBeNull();
  });

  it('holds the same difference in 95 of 100 where there is none, whatever else differs between evenings', () => {
    const random = seeded(11);
    let missed = 0;
    const times = 400;
    for (let i = 0; i < times; i++) {
      const rows = Array.from({ length: 6 }, (_, evening) => {
        const rate = 0.4 + 0.3 * random();
        const draw = (n: number): number => Array.from({ length: n }, random).filter((one) => one < rate).length;
        const [clean, faulty] = [draw(20), draw(10)];
        return [row(evening, 'A', 'in', clean, faulty), row(evening, 'A', 'out', 20 - clean, 10 - faulty)];
      }).flat();
      const { byClean } = resultsOf(rows);
      if (!byClean || byClean.low > 0 || byClean.high < 0) missed++;
    }
    expect(missed / times).toBeLessThanOrEqual(0.05 + 3 * Math.sqrt((0.05 * 0.95) / times));
  });

  it('turned round, A against B is the same turned round; nothing is not a number', () => {
    const some = fc.record({
      evening: fc.constantFrom('1', '2', '3'),
      stage: fc.constantFrom('A', 'B'),
      result: fc.constantFrom('in' as const, 'out' as const, 'hit' as const, 'missed' as const, null),
      ...{ clean: fc.nat(20), faulty: fc.nat(20), unwatched: fc.nat(5) },
    });
    holds(
      fc.property(fc.array(some, { maxLength: 30 }), (rows) => {
        const [ab, ba] = [against(rows, 'A', 'B'), against(rows, 'B', 'A')];
        for (const of of ['good', 'clean'] as const) {
          expect(ab[of] === null).toBe(ba[of] === null);
          if (ab[of] && ba[of]) expect(ab[of].low + ba[of].high).toBeCloseTo(0, 9);
        }
        expect(JSON.stringify(resultsOf(rows))).not.toContain('NaN');
      }),
    );
  });
});
