import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { angleOf } from './angle.js';

const HD = { width: 1920, height: 1080 };
const at = (x: number, y: number) => ({ x, y });

describe('an angle in a picture', () => {
  it('is what a protractor says', () => {
    // Euclid I.32, III.31: half a turn, an equilateral triangle, the angle in a half circle.
    expect(angleOf([at(0, 0), at(5, 0), at(10, 0)], HD)?.value).toBeCloseTo(180, 9);
    expect(angleOf([at(0, 0), at(10, 0), at(5, 5 * Math.sqrt(3))], HD)?.value).toBeCloseTo(60, 9);
    expect(angleOf([at(-10, 0), at(6, 8), at(10, 0)], HD)?.value).toBeCloseTo(90, 9);
    expect(angleOf([at(3, 3), at(3, 3), at(9, 1)], HD)).toBeNull();
  });

  it('is the same from either arm, turned, moved and mirrored', () => {
    const place = fc.record({ x: fc.integer({ min: -900, max: 900 }), y: fc.integer({ min: -900, max: 900 }) });
    holds(
      fc.property(place, place, place, fc.double({ min: 0, max: 7, noNaN: true }), (a, b, c, turn) => {
        const one = angleOf([a, b, c], HD);
        if (one === null) return expect(a.x === b.x || b.x === c.x).toBeTrue();
        const moved = ({ x, y }: { x: number; y: number }) =>
          at(100 - x * Math.cos(turn) + y * Math.sin(turn), 7 + x * Math.sin(turn) + y * Math.cos(turn));
        expect(angleOf([c, b, a], HD)?.value).toBeCloseTo(one.value, 6);
        expect(angleOf([moved(a), moved(b), moved(c)], HD)?.value).toBeCloseTo(one.value, 6);
        expect(angleOf([moved(a), moved(b), moved(c)], HD)?.within).toBeCloseTo(one.within, 6);
      }),
    );
  });

  it('lies within what it says of taps that are off by no more than two pixels, 19 times in 20', () => {
    // A knee of 120 pixels a bone. Taps anywhere in a circle of two pixels, the same each time.
    let seed = 7;
    const random = (): number => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;
    const off = ({ x, y }: { x: number; y: number }) => {
      const [r, t] = [2 * Math.sqrt(random()), 2 * Math.PI * random()];
      return at(x + r * Math.cos(t), y + r * Math.sin(t));
    };
    const [hip, knee, ankle] = [at(500, 300), at(520, 418), at(440, 508)];
    const truth = angleOf([hip, knee, ankle], HD)?.value ?? Number.NaN;
    const rounds = 4000;
    let inside = 0;
    for (let i = 0; i < rounds; i++) {
      const one = angleOf([off(hip), off(knee), off(ankle)], HD);
      if (one && Math.abs(one.value - truth) <= one.within) inside++;
    }
    expect(inside / rounds).toBeGreaterThan(0.93);
    expect(inside / rounds).toBeLessThan(0.99);
  });
});
