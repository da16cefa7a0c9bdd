import { dot, type Vec } from './vec.js';

/** Smallest box with sides along the axes that holds all points; null without points. */
export interface Box {
  readonly minX: number;
  readonly maxX: number;
  readonly minY: number;
  readonly maxY: number;
}

/** @example boxOf([{ x: 1, y: 2 }, { x: -1, y: 5 }]) // { minX: -1, maxX: 1, minY: 2, maxY: 5 } */
export function boxOf(points: Iterable<Vec>): Box | null {
  let box: { minX: number; maxX: number; minY: number; maxY: number } | null = null;
  for (const p of points) {
    if (box === null) box = { minX: p.x, maxX: p.x, minY: p.y, maxY: p.y };
    else {
      box.minX = Math.min(box.minX, p.x);
      box.maxX = Math.max(box.maxX, p.x);
      box.minY = Math.min(box.minY, p.y);
      box.maxY = Math.max(box.maxY, p.y);
    }
  }
  return box;
}

/**
 * Area of a simple polygon in square units (shoelace formula), independent of direction.
 * @example surfaceOf([{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 2, y: 3 }, { x: 0, y: 3 }]) // 6
 */
export function surfaceOf(polygon: readonly Vec[]): number {
  let twice = 0;
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length] as Vec;
    twice += p.x * q.y - q.x * p.y;
  });
  return Math.abs(twice) / 2;
}

/**
 * Whether two convex polygons share an inner point (separating axis test); touching edges do not count.
 * @example overlap([{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 0, y: 2 }], [{ x: 3, y: 0 }, { x: 4, y: 0 }, { x: 3, y: 1 }]) // false
 */
export function overlap(a: readonly Vec[], b: readonly Vec[]): boolean {
  return !hasSeparatingAxis(a, b) && !hasSeparatingAxis(b, a);
}

function hasSeparatingAxis(a: readonly Vec[], b: readonly Vec[]): boolean {
  return a.some((p, i) => {
    const q = a[(i + 1) % a.length] as Vec;
    const axis = { x: q.y - p.y, y: p.x - q.x };
    const [minA, maxA] = spanAlong(a, axis);
    const [minB, maxB] = spanAlong(b, axis);
    return maxA <= minB + 1e-9 || maxB <= minA + 1e-9;
  });
}

function spanAlong(polygon: readonly Vec[], axis: Vec): readonly [number, number] {
  const along = polygon.map((p) => dot(p, axis));
  return [Math.min(...along), Math.max(...along)];
}

/**
 * Convex hull of points, counter-clockwise, without points on its edges (Andrew's monotone chain, 1979). Fewer than three points are their own hull.
 * @example hullOf([{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 1, y: 0.5 }, { x: 1, y: 2 }]).length // 3
 */
export function hullOf(points: readonly Vec[]): Vec[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  if (sorted.length < 3) return sorted;
  const turn = (o: Vec, a: Vec, b: Vec): number => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
  const half = (list: readonly Vec[]): Vec[] => {
    const chain: Vec[] = [];
    for (const p of list) {
      while (chain.length >= 2 && turn(chain[chain.length - 2] as Vec, chain[chain.length - 1] as Vec, p) <= 1e-12) chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}
