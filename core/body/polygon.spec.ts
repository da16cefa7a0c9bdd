import { polygonArea, polygonContains, polygonHull } from 'd3-polygon';
import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { bodyOf } from './body.js';
import { outlineOf, heelOf, toeOf } from './foot.js';
import { surfaceOf, boxOf, hullOf, overlap } from './polygon.js';
import { distance, type Vec } from './vec.js';

const pairs = (polygon: readonly Vec[]): [number, number][] => polygon.map((p) => [p.x, p.y]);
const body = bodyOf({ height: 1.75 });
const anyFoot = fc.record({
  x: fc.double({ min: -1, max: 1, noNaN: true }),
  y: fc.double({ min: -1, max: 1, noNaN: true }),
  toe: fc.double({ min: -360, max: 360, noNaN: true }),
});

describe('foot outlines', () => {
  it('have the area that d3-polygon finds, and the foot’s length', () => {
    holds(
      fc.property(anyFoot, (foot) => {
        const outline = outlineOf(foot, body);
        expect(surfaceOf(outline)).toBeCloseTo(Math.abs(polygonArea(pairs(outline))), 9);
        expect(distance(heelOf(foot, body), toeOf(foot, body))).toBeCloseTo(body.foot.metres, 9);
        expect(polygonContains(pairs(outline), [foot.x, foot.y])).toBeTrue();
      }),
    );
  });

  it('overlap where a point of one lies in the other by d3-polygon', () => {
    holds(
      fc.property(anyFoot, anyFoot, (one, two) => {
        const a = outlineOf(one, body);
        const b = outlineOf({ ...two, x: one.x + two.x * 0.2, y: one.y + two.y * 0.3 }, body);
        const shared = a.some((p) => polygonContains(pairs(b), [p.x, p.y])) || b.some((p) => polygonContains(pairs(a), [p.x, p.y]));
        if (shared) expect(overlap(a, b)).toBeTrue();
        expect(overlap(a, b)).toBe(overlap(b, a));
      }),
    );
  });

  it('do not overlap side by side, and do on the same spot', () => {
    const foot = { x: 0, y: 0, toe: 0 };
    expect(overlap(outlineOf(foot, body), outlineOf({ ...foot, x: body.breadth.metres }, body))).toBeFalse();
    expect(overlap(outlineOf(foot, body), outlineOf({ ...foot, x: body.breadth.metres * 0.9 }, body))).toBeTrue();
  });

  it('nothing has no box', () => {
    expect(boxOf([])).toBeNull();
    expect(
      boxOf([
        { x: 1, y: 2 },
        { x: -1, y: 5 },
      ]),
    ).toEqual({ minX: -1, maxX: 1, minY: 2, maxY: 5 });
  });
});

describe('hulls', () => {
  // Whole numbers, so that a point on an edge is on it for both.
  const coordinate = fc.integer({ min: -50, max: 50 });
  const points = fc.array(fc.record({ x: coordinate, y: coordinate }), { minLength: 3, maxLength: 40 });

  it('are those of a general polygon package: same area, same corners', () => {
    holds(
      fc.property(points, (list) => {
        const theirs = polygonHull(pairs(list));
        const ours = hullOf(list);
        if (!theirs || Math.abs(polygonArea(theirs)) < 1e-9) {
          expect(surfaceOf(ours)).toBeCloseTo(0, 9);
          return;
        }
        expect(surfaceOf(ours)).toBeCloseTo(Math.abs(polygonArea(theirs)), 9);
        const corners = (polygon: readonly (readonly [number, number])[]): string[] =>
          [...new Set(polygon.map(([x, y]) => `${x},${y}`))].sort();
        expect(corners(pairs(ours))).toEqual(corners(theirs));
      }),
    );
  });

  it('hold every point', () => {
    holds(
      fc.property(points, (list) => {
        const hull = hullOf(list);
        for (const p of list)
          for (let i = 0; i < hull.length && hull.length > 2; i++) {
            const [a, b] = [hull[i] as Vec, hull[(i + 1) % hull.length] as Vec];
            expect((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)).toBeGreaterThan(-1e-9);
          }
      }),
    );
  });
});
