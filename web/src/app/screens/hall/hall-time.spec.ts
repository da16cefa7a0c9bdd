import fc from 'fast-check';
import { HallTime } from './hall-time';

describe('a run’s time on a hall screen', () => {
  it('is within half of the quickest answer of the truth, whatever the network does', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 5_000_000 }),
        fc.array(
          fc.record({
            wait: fc.integer({ min: 0, max: 5000 }),
            there: fc.integer({ min: 0, max: 800 }),
            back: fc.integer({ min: 0, max: 800 }),
          }),
          { minLength: 1, maxLength: 20 },
        ),
        (truth, answers) => {
          const time = new HallTime();
          let steady = 1000;
          for (const { wait, there, back } of answers) {
            const asked = (steady += wait);
            time.told(truth + asked + there, asked, (steady += there + back));
          }
          const least = Math.min(...answers.map(({ there, back }) => (there + back) / 2));
          expect(time.within).toBeGreaterThanOrEqual(least);
          expect(Math.abs(time.at(steady) - (truth + steady))).toBeLessThanOrEqual((time.within ?? 0) + 1);
        },
      ),
    );
  });

  it('takes the newest answer where the best is old, and the wall’s clock only until there is one', () => {
    const time = new HallTime();
    expect([time.known, time.at(50)]).toEqual([false, 0]);
    time.goesOn(60_000, 5000, 100);
    expect(time.at(1100)).toBe(66_000);
    time.told(70_000, 2000, 2200);
    expect(time.at(2100)).toBe(70_000);
    // A slower answer says less.
    time.told(71_600, 3000, 3900);
    expect(time.at(3450)).toBe(71_350);
    // One that cannot be right beside the best says that the run is elsewhere since.
    time.told(99_000, 4000, 4900);
    expect(time.at(4450)).toBe(99_000);
    time.told(700_000, 700_000, 700_900);
    expect(time.at(700_450)).toBe(700_000);
  });
});
