import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { framesAt } from './frames.js';
import { apart, lotsBeside } from './groups.js';
import { attemptsOf, type Mark } from './marks.js';
import { timesOf, type Timed } from './times.js';

/** Attempts at 240 pictures a second in which the answer takes so many frames. */
const answers = (...frames: readonly number[]): readonly Timed[] => {
  const marks = frames.flatMap((by, i): Mark[] => [
    { kind: 'contact', frame: 10 + 400 * i },
    { kind: 'own-contact', frame: 10 + 400 * i + by },
  ]);
  return timesOf(framesAt(240, 400 * frames.length + 10), attemptsOf(marks), 0).times;
};

describe('all attempts of one clip against those of another', () => {
  it('differ as the two-sample test of unequal variances says', () => {
    // NIST/SEMATECH e-Handbook 1.3.5.3, miles per gallon (values from memory): t = −12.946, 136.875 degrees of freedom.
    const found = apart({ n: 249, mean: 20.14458, sd: 6.4147 }, { n: 79, mean: 30.48101, sd: 6.10771 });
    const error = Math.sqrt(6.4147 ** 2 / 249 + 6.10771 ** 2 / 79);
    expect((found?.by ?? 0) / error).toBeCloseTo(12.946, 2);
    // t(0.975; 136.875) lies between the 1.9799 of 120 degrees and the 1.9759 of 150 in printed tables.
    expect((found?.within ?? 0) / error).toBeGreaterThan(1.9759);
    expect((found?.within ?? 0) / error).toBeLessThan(1.9799);
    expect(found?.told).toBeTrue();
  });

  it('lie about a difference that is there 19 times in 20, whatever each of them spreads by', () => {
    // Normal draws by Box and Muller from a generator with a seed, so that the share is the same each time.
    let state = 20_261_201;
    const even = (): number => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
    const draw = (n: number, mean: number, sd: number): { n: number; mean: number; sd: number } => {
      const all = Array.from({ length: n }, () => mean + sd * Math.sqrt(-2 * Math.log(even())) * Math.cos(2 * Math.PI * even()));
      const middle = all.reduce((sum, one) => sum + one, 0) / n;
      return { n, mean: middle, sd: Math.sqrt(all.reduce((sum, one) => sum + (one - middle) ** 2, 0) / (n - 1)) };
    };
    for (const [n, m, sd] of [
      [6, 6, 0.02],
      [4, 12, 0.05],
      [12, 5, 0.01],
    ] as const) {
      const found = Array.from({ length: 4000 }, () => apart(draw(n, 0.4, 0.02), draw(m, 0.45, sd)));
      const held = found.filter((one) => one && Math.abs(one.by - 0.05) <= one.within).length / found.length;
      expect(held).withContext(`${n} and ${m}`).toBeGreaterThan(0.935);
      expect(held).withContext(`${n} and ${m}`).toBeLessThan(0.965);
    }
  });

  it('go by the times that both have, from two attempts on', () => {
    const [found] = lotsBeside(answers(100, 102, 98), answers(148, 150));
    expect([found?.time, found?.lots.map(({ n }) => n), found?.apart.told]).toEqual(['answer', [3, 2], true]);
    expect(found?.apart.by).toBeCloseTo(49 / 240, 9);
    expect(lotsBeside(answers(100), answers(148, 150))).toEqual([]);
    expect(lotsBeside([], answers(148, 150))).toEqual([]);
  });

  it('are not told apart by less than what film and marker leave open, however alike their attempts look', () => {
    // All fell into the same frames: one frame of 240 is no difference.
    expect(lotsBeside(answers(100, 100), answers(101, 101))[0]?.apart.told).toBeFalse();
    expect(lotsBeside(answers(100, 100, 100), answers(110, 110, 110))[0]?.apart.told).toBeTrue();
  });

  it('say the same the other way round', () => {
    const lot = fc.array(fc.integer({ min: 20, max: 200 }), { minLength: 2, maxLength: 8 });
    holds(
      fc.property(lot, lot, (one, other) => {
        const [there, back] = [lotsBeside(answers(...one), answers(...other))[0], lotsBeside(answers(...other), answers(...one))[0]];
        expect(there?.apart.by).toBeCloseTo(-(back?.apart.by ?? Number.NaN), 12);
        expect(there?.apart.within).toBeCloseTo(back?.apart.within ?? Number.NaN, 12);
      }),
    );
  });
});
