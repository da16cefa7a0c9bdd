import fc from 'fast-check';
import { mean, sampleStandardDeviation } from 'simple-statistics';
import { holds } from '../testing/holds.js';
import { monotonyOf, weeksOfLoad, type RunLoad } from './load.js';

const day = (n: number): string => new Date(Date.UTC(2026, 0, 5 + n)).toISOString().slice(0, 10);
/** A run so many days after Monday, 5 January. */
const ran = (n: number, of: Partial<RunLoad> = {}): RunLoad => ({
  ...{ day: day(n), evening: day(n), effort: 5, minutes: 60, landings: 40, lunges: 20 },
  ...of,
});

describe('the load of a week', () => {
  it('is effort × minutes of its sessions, and how alike its days were, rest days with 0', () => {
    const [week] = weeksOfLoad([ran(0), ran(2, { effort: 7, minutes: 90 }), ran(2, { effort: 2, minutes: 30 }), ran(5, { effort: 4 })]);
    // Monday 300, Wednesday 630 + 60, Saturday 240: 1230; mean 175.71, deviation √(407571.4 ∕ 6) = 260.63 (worked by hand).
    expect([week?.from, week?.evenings, week?.rated, week?.load]).toEqual(['2026-01-05', 3, 3, 1230]);
    expect(week?.monotony).toBeCloseTo(0.6742, 4);
    expect(week?.strain).toBeCloseTo(1230 * 0.67419, 1);
    expect([week?.landings, week?.lunges, week?.mostLandings]).toEqual([160, 80, 80]);
  });

  it('monotony is mean ÷ deviation as simple-statistics has them, and none where each day was the same', () => {
    const days = fc.array(fc.integer({ min: 0, max: 2000 }), { minLength: 7, maxLength: 7 });
    holds(
      fc.property(days, (of) => {
        const alike = new Set(of).size === 1;
        if (alike) expect(monotonyOf(of)).toBeNull();
        else expect(monotonyOf(of)).toBeCloseTo(mean(of) / sampleStandardDeviation(of), 9);
      }),
    );
    expect(monotonyOf([0, 0, 0, 0, 0, 0, 0])).toBeNull();
  });

  it('one word may stand for all runs of an evening, also of two of one day', () => {
    const unsaid = { effort: null, minutes: null };
    const [week] = weeksOfLoad([ran(0, unsaid), ran(0, unsaid), ran(0, { minutes: 90 }), ran(0, { evening: 'late', minutes: 20 })]);
    expect([week?.evenings, week?.rated, week?.load, week?.landings, week?.mostLandings]).toEqual([2, 2, 550, 160, 120]);
  });

  it('where not all was said it is that of what was, and nothing is said of how alike the days were, nor of a rise', () => {
    const [week] = weeksOfLoad([ran(0), ran(3, { effort: null, minutes: null, landings: null, lunges: null })]);
    expect(week).toEqual({
      ...{ from: '2026-01-05', evenings: 2, rated: 1, load: 300, monotony: null, strain: null },
      ...{ landings: 40, lunges: 20, notKept: 1, mostLandings: 40, loadRise: null, landingsRise: null },
    });
    const [none] = weeksOfLoad([ran(0, { effort: null, minutes: null, landings: null, lunges: null })]);
    expect([none?.load, none?.landings, none?.lunges]).toEqual([null, null, null]);
    expect(weeksOfLoad([])).toEqual([]);
    // One day a week is 1 ∕ √7 whatever it was: nothing is said.
    expect(monotonyOf([0, 420, 0, 0, 0, 0, 0])).toBeCloseTo(1 / Math.sqrt(7), 9);
    expect(weeksOfLoad([ran(1)])[0]?.monotony).toBeNull();
  });

  it('is held against the mean of the four weeks before, those without any training too', () => {
    const weeks = (...loads: readonly number[]): (number | null)[] =>
      weeksOfLoad(loads.flatMap((minutes, week) => (minutes === 0 ? [] : [ran(7 * week + 1, { minutes, landings: minutes })]))).map(
        ({ loadRise }) => loadRise && Math.round(loadRise * 1000) / 1000,
      );
    expect(weeks(60, 60, 60, 60, 72)).toEqual([null, null, null, null, 1.2]);
    expect(weeks(60, 0, 60, 60, 60, 60)).toEqual([null, null, null, null, 60 / 45, 60 / 45].map((x) => x && Math.round(x * 1000) / 1000));
    const unsaid = [0, 1, 2, 3, 4].map((week) => ran(7 * week, week === 2 ? { effort: null } : {}));
    expect(weeksOfLoad(unsaid).map(({ loadRise, landingsRise }) => [loadRise, landingsRise])[4]).toEqual([null, 1]);
  });

  it('adds up to what was done, in whatever order, one row a week without a gap', () => {
    const run = fc.record({
      n: fc.integer({ min: 0, max: 400 }),
      minutes: fc.integer({ min: 1, max: 200 }),
      effort: fc.integer({ min: 0, max: 10 }),
    });
    holds(
      fc.property(fc.array(run, { minLength: 1, maxLength: 30 }), (all) => {
        const runs = all.map(({ n, ...of }) => ran(n, of));
        const weeks = weeksOfLoad(runs);
        expect(weeksOfLoad([...runs].reverse())).toEqual(weeks);
        expect(weeks.reduce((sum, { load }) => sum + (load ?? 0), 0)).toBe(
          all.reduce((sum, { minutes, effort }) => sum + minutes * effort, 0),
        );
        const mondays = weeks.map(({ from }) => Date.parse(from));
        expect(mondays.every((ms, i) => new Date(ms).getUTCDay() === 1 && (i === 0 || ms - (mondays[i - 1] ?? 0) === 7 * 86_400_000))).toBe(
          true,
        );
      }),
    );
  });
});
