import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { sees, type Camera } from './camera.js';
import { feetCells } from './feet-table.js';
import type { Stood } from './foot.js';
import { footDrifts } from './foot-drift.js';
import type { Attempt } from './marks.js';
import { nearer } from './nearer.js';

const foot = (side: Stood['foot'], frame: number, x: number, y: number, within = 0.01): Stood => ({
  ...{ foot: side, frame, toe: null },
  place: { at: { x, y }, within, ellipse: { xx: within ** 2, xy: 0, yy: within ** 2 } },
});
const attempts = (...begins: readonly number[]): Attempt[] => begins.map((frame) => [{ kind: 'contact', frame }]);

describe('landings over attempts', () => {
  it('drift where each lies further on than the one before, and each landing by itself', () => {
    const feet = [10, 110, 210, 310, 410].flatMap((at, i) => [
      foot('left', at + 5, 0.1 * i, 1),
      foot('right', at + 9, 0.3, 1),
      foot('left', at + 20, 2, 1 - 0.05 * i),
    ]);
    const drifts = footDrifts(attempts(10, 110, 210, 310, 410), feet);
    expect(drifts.map(({ foot: side, landing, right, ahead }) => [side, landing, right.told, ahead.told])).toEqual([
      ['left', 1, true, false],
      ['right', 1, false, false],
      ['left', 2, false, true],
    ]);
    expect(drifts[0]?.right.each).toBeCloseTo(0.1, 9);
    expect(drifts[2]?.ahead.each).toBeCloseTo(-0.05, 9);
  });

  it('are nothing before the first attempt, of fewer than four, and where what is uncertain covers them', () => {
    const feet = [1, 15, 115, 215].map((at) => foot('left', at, at / 100, 0));
    expect(footDrifts(attempts(10, 110, 210), feet)).toEqual([]);
    const vague = [15, 115, 215, 315].map((at) => foot('left', at, at / 10_000, 0, 0.5));
    expect(footDrifts(attempts(10, 110, 210, 310), vague).map(({ right }) => right.told)).toEqual([false]);
  });
});

describe('where a camera should stand', () => {
  /** What two pixels at 1080 lines hide along the floor, so far ahead of a camera so high. */
  const hides = (high: number, away: number): number => {
    const camera: Camera = { at: [0, -away, high], to: [0, 0, 0], focal: 1500, picture: { width: 1920, height: 1080 }, bend: 0 };
    const step = 0.001;
    return (2 * step) / Math.abs(sees(camera, { x: 0, y: step }).y - sees(camera, { x: 0, y: 0 }).y);
  };

  it('is nearer by the root of what is too much, or higher by it', () => {
    holds(
      fc.property(fc.double({ min: 7, max: 25, noNaN: true }), fc.double({ min: 1, max: 2.5, noNaN: true }), (away, high) => {
        const now = hides(high, away);
        const better = nearer(now, now / 3);
        // First order: a camera that comes nearer looks down a little more.
        const after = hides(high, away * (better?.away ?? 1));
        expect(after / (now / 3)).toBeGreaterThan(0.9);
        expect(after / (now / 3)).toBeLessThan(1.25);
        expect(better?.higher).toBeCloseTo(3, 9);
      }),
    );
  });

  it('at 2.5 m sees two pixels as 3 to 4 cm at 8 m and 15 cm at 17 m', () => {
    expect(hides(2.5, 8)).toBeCloseTo(0.036, 2);
    expect(hides(2.5, 17)).toBeCloseTo(0.155, 2);
    expect(nearer(0.02)).toBeNull();
  });
});

describe('measured feet as a table', () => {
  it('have a row each: when, which, where, and within how much', () => {
    const turned: Stood = { ...foot('right', 2, -0.25, 1.5), toe: { value: -12.34, within: 4.2 } };
    expect(feetCells([0, 0.04, 0.08], [foot('left', 1, 0.1, 2), turned]).slice(1)).toEqual([
      ['1', 'left', '1', '0.0400', '0.100', '2.000', '0.010', '', ''],
      ['2', 'right', '2', '0.0800', '-0.250', '1.500', '0.010', '-12.3', '4.2'],
    ]);
  });
});
