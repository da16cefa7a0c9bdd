import fc from 'fast-check';
import { cv } from 'opencv-wasm';
import type { Vec } from '../body/vec.js';
import { sees, type Camera } from './camera.js';
import { holds } from '../testing/holds.js';
import { directly, inverse, joined, through, type Homography, type Pair } from './homography.js';

const by = (points: readonly (readonly [number, number])[]): Vec[] => points.map(([x, y]) => ({ x, y }));
const pairs = (from: readonly Vec[], to: readonly Vec[]): Pair[] => from.map((one, i) => ({ from: one, to: to[i] ?? one }));
const square = by([
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
]);

/** From the unit square to four points, in closed form (Heckbert 1989, Fundamentals of Texture Mapping and Image Warping, 2.2.3; from memory). */
function heckbert([a, b, c, d]: readonly [Vec, Vec, Vec, Vec]): Homography {
  const [s, one, two] = [
    { x: a.x - b.x + c.x - d.x, y: a.y - b.y + c.y - d.y },
    { x: b.x - c.x, y: b.y - c.y },
    { x: d.x - c.x, y: d.y - c.y },
  ];
  const det = one.x * two.y - two.x * one.y;
  const g = (s.x * two.y - two.x * s.y) / det;
  const h = (one.x * s.y - s.x * one.y) / det;
  return [b.x - a.x + g * b.x, d.x - a.x + h * d.x, a.x, b.y - a.y + g * b.y, d.y - a.y + h * d.y, a.y, g, h, 1];
}

const camera: Camera = { at: [6, -9, 3], to: [0, -4, 0], focal: 1400, picture: { width: 1920, height: 1080 }, bend: 0 };
const court = by([
  [-3.05, -6.7],
  [3.05, -6.7],
  [3.05, -1.98],
  [-3.05, -1.98],
  [0, -1.98],
  [-2.59, -6.7],
]);

describe('a homography', () => {
  it('of a square and four points is the one of the closed form', () => {
    const corners = fc.tuple(
      ...square.map(({ x, y }) =>
        fc
          .record({ x: fc.double({ min: -0.3, max: 0.3, noNaN: true }), y: fc.double({ min: -0.3, max: 0.3, noNaN: true }) })
          .map((by) => ({ x: 100 * (x + by.x), y: 100 * (y + by.y) })),
      ),
    );
    holds(
      fc.property(corners, fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (four, x, y) => {
        const to = four as [Vec, Vec, Vec, Vec];
        const found = directly(pairs(square, to));
        const [mine, theirs] = [through(found ?? [], { x, y }), through(heckbert(to), { x, y })];
        expect(Math.hypot(mine.x - theirs.x, mine.y - theirs.y)).toBeLessThan(1e-6);
      }),
    );
  });

  it('of four points is that of a published worked example (the readme of the npm package perspective-transform 1.1.3)', () => {
    const from = by([
      [158, 64],
      [494, 69],
      [495, 404],
      [158, 404],
    ]);
    const to = by([
      [100, 500],
      [152, 564],
      [148, 604],
      [100, 560],
    ]);
    const at = through(directly(pairs(from, to)) ?? [], { x: 250, y: 120 });
    // Its coefficients are rounded: at its own corners it is up to 7e-6 off.
    expect(at.x).toBeCloseTo(117.27521125839255, 4);
    expect(at.y).toBeCloseTo(530.9202410878403, 4);
  });

  it('of more points than four is that of a general computer-vision package (OpenCV, its own build), where they are exact', () => {
    const to = court.map((one) => sees(camera, one));
    const flat = (points: readonly Vec[]) =>
      cv.matFromArray(
        points.length,
        1,
        cv.CV_64FC2,
        points.flatMap(({ x, y }) => [x, y]),
      );
    const [a, b] = [flat(court), flat(to)];
    const theirs = cv.findHomography(a, b, 0);
    const mine = directly(pairs(court, to)) ?? [];
    for (const at of by([
      [0, -4],
      [2, -6],
      [-2.5, -3],
    ])) {
      const [one, other] = [through(mine, at), through([...theirs.data64F], at)];
      expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeLessThan(1e-4);
    }
    for (const one of [a, b, theirs]) one.delete();
  });

  it('and its inverse undo each other', () => {
    const it =
      directly(
        pairs(
          court,
          court.map((one) => sees(camera, one)),
        ),
      ) ?? [];
    const back = through(joined(inverse(it), it), { x: 1.5, y: -3 });
    expect(Math.hypot(back.x - 1.5, back.y + 3)).toBeLessThan(1e-9);
  });

  it('is none of three points, or of points on one line', () => {
    expect(directly(pairs(square.slice(0, 3), square.slice(0, 3)))).toBeNull();
    const line = [0, 1, 2, 3, 4].map((x) => ({ x, y: 2 * x }));
    expect(directly(pairs(line, line))).toBeNull();
  });
});
