import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { clusteredWilson } from './likeness.js';
import { SPLITS, splitsOf, type RunPart, type SplitBy } from './splits.js';

const none = Object.fromEntries(SPLITS.map((by) => [by, ''])) as Record<SplitBy, string>;
const part = (of: Partial<Omit<RunPart, 'values'>> & { readonly values?: Partial<Record<SplitBy, string>> }): RunPart => ({
  ...{ evening: '1', stage: 'gather', through: null, attempts: 0, faulty: 0, left: 0, right: 0, ...of },
  values: { ...none, ...of.values },
});

describe('where a fault shows', () => {
  const parts = fc.array(
    fc
      .record({
        evening: fc.constantFrom('1', '2', '3'),
        third: fc.constantFrom('', '1', '2', '3'),
        cueing: fc.constantFrom('', 'self', 'called', 'fed'),
        attempts: fc.nat({ max: 12 }),
        share: fc.double({ min: 0, max: 1, noNaN: true }),
      })
      .map(({ evening, third, cueing, attempts, share }) =>
        part({ evening, attempts, faulty: Math.round(attempts * share), values: { third, cueing } }),
      ),
    { maxLength: 30 },
  );

  it('each attempt is in one row, not given, or among the others; each row’s rate and interval are its own', () => {
    holds(
      fc.property(parts, (all) => {
        for (const { by, rows, notGiven, others } of splitsOf(all).by) {
          const total = all.reduce((sum, { attempts }) => sum + attempts, 0);
          expect(rows.reduce((sum, row) => sum + row.attempts, notGiven + others)).toBe(total);
          for (const row of rows) {
            const own = all.filter(({ values }) => values[by] === row.value);
            const clusters = ['1', '2', '3'].map((evening) => {
              const of = own.filter((one) => one.evening === evening);
              return { hits: of.reduce((sum, one) => sum + one.faulty, 0), n: of.reduce((sum, one) => sum + one.attempts, 0) };
            });
            expect(row.rate).toBeCloseTo(row.faulty / row.attempts, 12);
            expect(row.interval).toEqual(clusteredWilson(clusters) as typeof row.interval);
          }
        }
      }),
    );
  });

  it('of two values the one differs by what the other does, turned round', () => {
    const both = ['1', '2', '3'].flatMap((evening) => [
      part({ evening, attempts: 20, faulty: 8, values: { cueing: 'fed' } }),
      part({ evening, attempts: 15, faulty: 2, values: { cueing: 'self' } }),
    ]);
    const [{ rows }] = splitsOf(both).by as [ReturnType<typeof splitsOf>['by'][number]];
    expect(rows.map(({ value }) => value)).toEqual(['fed', 'self']);
    expect(rows[0]?.against?.value).toBeCloseTo(8 / 20 - 2 / 15, 9);
    expect(rows[1]?.against?.low).toBeCloseTo(-(rows[0]?.against?.high ?? 0), 9);
  });

  it('tired is the last third against the first, and the later half of the rounds against the earlier, of the same stage', () => {
    const evenings = ['1', '2', '3', '4'];
    const all = evenings.flatMap((evening) => [
      part({ evening, through: 0.25, attempts: 10, faulty: 1, values: { third: '1' } }),
      part({ evening, through: 0.25, attempts: 10, faulty: 4, values: { third: '3' } }),
      part({ evening, through: 0.75, attempts: 10, faulty: 3, values: { third: '1' } }),
      part({ evening, through: 0.75, attempts: 10, faulty: 8, values: { third: '3' } }),
      // The middle belongs to neither; another stage done late only is not held against this one.
      part({ evening, through: 0.5, attempts: 10, faulty: 9, values: { third: '2' } }),
      part({ evening, stage: 'fed', through: 0.9, attempts: 30, faulty: 30 }),
    ]);
    const { third, round } = splitsOf(all);
    expect(third?.earlier).toBeCloseTo(0.2, 9);
    expect(third?.later).toBeCloseTo(0.6, 9);
    expect(round?.earlier).toBeCloseTo(0.25, 9);
    expect(round?.later).toBeCloseTo(0.55, 9);
    expect(round?.leftOut).toBe(120);
    expect(third?.low).toBeGreaterThan(0);
    expect(splitsOf(all.slice(0, 1)).third).toBeNull();
    // Early in one evening and late in another is the season, and not tiredness.
    const season = [part({ through: 0.25, attempts: 40, faulty: 30 }), part({ evening: '2', through: 0.75, attempts: 40, faulty: 2 })];
    expect(splitsOf(season).round).toBeNull();
  });

  it('which side tires is asked of its own taps', () => {
    const all = ['1', '2', '3', '4'].flatMap((evening) => [
      part({ evening, attempts: 20, faulty: 6, left: 1, right: 5, values: { third: '1' } }),
      part({ evening, attempts: 20, faulty: 14, left: 9, right: 5, values: { third: '3' } }),
    ]);
    const { left, right } = splitsOf(all);
    for (const [found, rate] of [
      [left?.earlier, 0.05],
      [left?.later, 0.45],
      [right?.earlier, 0.25],
      [right?.later, 0.25],
    ] as const)
      expect(found).toBeCloseTo(rate, 9);
    expect(left?.low).toBeGreaterThan(0);
    expect(right?.value).toBeCloseTo(0, 9);
    expect(splitsOf([part({ attempts: 20, faulty: 6, values: { third: '1' } })]).left).toBeNull();
  });

  it('sides are shares of the taps that have one; with none there are none', () => {
    const { sides } = splitsOf([part({ left: 6, right: 2 }), part({ evening: '2', left: 5, right: 1 })]);
    expect([sides?.left, sides?.right]).toEqual([11, 3]);
    expect(sides?.share).toBeCloseTo(11 / 14, 9);
    expect(splitsOf([part({ attempts: 5, faulty: 2 })]).sides).toBeNull();
  });

  it('no more than twelve values are told apart, the most watched; rounds stand in their order', () => {
    const rounds = Array.from({ length: 15 }, (_, i) => part({ attempts: i === 4 ? 2 : 20 - i, values: { round: String(i + 1) } }));
    const [{ rows, others }] = splitsOf(rounds).by as [ReturnType<typeof splitsOf>['by'][number]];
    expect(rows.map(({ value }) => Number(value))).toEqual([1, 2, 3, 4, 6, 7, 8, 9, 10, 11, 12, 13]);
    expect(others).toBe(2 + 7 + 6);
    expect(rows[0]?.against?.of).toEqual([jasmine.any(Number), 20]);
  });
});
