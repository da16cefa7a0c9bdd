import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { coverageOf, type Watched } from './coverage.js';

const part = (more: Partial<Watched>): Watched => ({
  ...{
    evening: '1',
    day: '2026-11-03',
    place: 'a',
    fault: 'tall',
    stage: 'Corner',
    way: 'written',
    direction: 'left',
    view: 'side',
    attempts: 10,
  },
  ...more,
});

describe('what was looked at', () => {
  it('counts an attempt once, however many faults were looked for in it, and says what never was', () => {
    const coverage = coverageOf(
      [
        part({}),
        part({ fault: 'split-late', attempts: 12 }),
        part({ place: 'b', way: 'other', direction: '', attempts: 3, evening: '2', day: '2026-11-10' }),
        part({ place: 'c', attempts: 0, stage: 'Net' }),
      ],
      [
        { stage: 'Corner', runs: 2 },
        { stage: 'Net', runs: 5 },
        { stage: 'Lunge', runs: 1 },
      ],
      ['tall', 'eyes'],
    );
    expect([coverage.attempts, coverage.evenings]).toEqual([15, 2]);
    expect(coverage.stages.map(({ value, attempts, runs }) => [value, attempts, runs])).toEqual([
      ['Net', 0, 5],
      ['Lunge', 0, 1],
      ['Corner', 15, 2],
    ]);
    expect(coverage.ways.map(({ value, attempts, share }) => [value, attempts, share])).toEqual([
      ['written', 12, 0.8],
      ['other', 3, 0.2],
    ]);
    expect(coverage.directions.filter(({ attempts }) => attempts > 0).map(({ value }) => value)).toEqual(['left']);
    expect(coverage.directions.length).toBe(9);
    expect(coverage.notGiven).toEqual({ way: 0, direction: 3 });
    expect(coverage.faults).toEqual([
      { fault: 'split-late', attempts: 12, evenings: 1, last: '2026-11-03' },
      { fault: 'tall', attempts: 13, evenings: 2, last: '2026-11-10' },
    ]);
    expect(coverage.never).toEqual(['eyes']);
  });

  it('each split of it comes to the whole, with what is not given', () => {
    const any = fc.record({
      ...{
        evening: fc.constantFrom('1', '2'),
        day: fc.constant('2026-11-03'),
        place: fc.constantFrom('a', 'b', 'c', 'd'),
        fault: fc.constantFrom('tall', 'eyes'),
      },
      ...{
        stage: fc.constantFrom('A', 'B'),
        way: fc.constantFrom('written', 'other', ''),
        direction: fc.constantFrom('left', 'place', ''),
      },
      ...{ view: fc.constantFrom('front', 'side'), attempts: fc.nat(9) },
    });
    holds(
      fc.property(fc.array(any, { maxLength: 20 }), (rows) => {
        const { attempts, stages, ways, directions, views, notGiven } = coverageOf(rows, [], []);
        const all = (of: readonly { readonly attempts: number }[]): number => of.reduce((sum, one) => sum + one.attempts, 0);
        expect([all(stages), all(ways) + notGiven.way, all(directions) + notGiven.direction, all(views)]).toEqual([
          attempts,
          attempts,
          attempts,
          attempts,
        ]);
      }),
    );
  });
});
