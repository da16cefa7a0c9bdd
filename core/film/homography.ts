import { Matrix, SVD } from 'ml-matrix';
import type { Vec } from '../body/vec.js';

/** What brings points of one plane to another: nine numbers, row by row. */
export type Homography = readonly number[];

/** A point of one plane and the same of another. */
export interface Pair {
  readonly from: Vec;
  readonly to: Vec;
}

/**
 * Where a homography brings a point; NaN or infinite on its horizon.
 * @example through([1, 0, 2, 0, 1, 3, 0, 0, 1], { x: 1, y: 1 }) // { x: 3, y: 4 }
 */
export function through([a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, i = 0]: Homography, { x, y }: Vec): Vec {
  const w = g * x + h * y + i;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/** How far in front of the camera a point is, up to one factor for all: where it changes its sign the horizon lies between. */
export const depth = ([, , , , , , g = 0, h = 0, i = 0]: Homography, { x, y }: Vec): number => g * x + h * y + i;

/** The other way round. */
export function inverse([a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, i = 0]: Homography): Homography {
  return [
    ...[e * i - f * h, c * h - b * i, b * f - c * e],
    ...[f * g - d * i, a * i - c * g, c * d - a * f],
    ...[d * h - e * g, b * g - a * h, a * e - b * d],
  ];
}

/** One after the other: first the second. */
export function joined(one: Homography, other: Homography): Homography {
  const at = (r: number, c: number): number => [0, 1, 2].reduce((sum, k) => sum + (one[3 * r + k] ?? 0) * (other[3 * k + c] ?? 0), 0);
  return [0, 1, 2].flatMap((r) => [0, 1, 2].map((c) => at(r, c)));
}

/** About the middle of the points, as large as √2 in the mean (Hartley 1997): nine numbers that bring them there. */
function conditioned(points: readonly Vec[]): Homography {
  const n = points.length;
  const [mx, my] = [points.reduce((sum, { x }) => sum + x, 0) / n, points.reduce((sum, { y }) => sum + y, 0) / n];
  const mean = points.reduce((sum, { x, y }) => sum + Math.hypot(x - mx, y - my), 0) / n;
  const k = mean > 0 ? Math.SQRT2 / mean : 1;
  return [k, 0, -k * mx, 0, k, -k * my, 0, 0, 1];
}

/** Of the last two singular values: where they differ less than this part of the first, more than one homography fits. */
const ALONE = 1e-6;

/**
 * The homography that fits pairs best in the sense of its equations (normalised direct linear transform: Hartley 1997; Hartley & Zisserman,
 * Multiple View Geometry, algorithm 4.2). Null where the pairs leave it open: fewer than four, or too many of them on one line.
 * @example directly([[0, 0], [1, 0], [1, 1], [0, 1]].map(([x = 0, y = 0]) => ({ from: { x, y }, to: { x: 2 * x, y } })))?.length // 9
 */
export function directly(pairs: readonly Pair[]): Homography | null {
  if (pairs.length < 4) return null;
  const [t, u] = [conditioned(pairs.map(({ from }) => from)), conditioned(pairs.map(({ to }) => to))];
  const rows = pairs.flatMap((pair) => {
    const [{ x, y }, to] = [through(t, pair.from), through(u, pair.to)];
    return [
      [-x, -y, -1, 0, 0, 0, to.x * x, to.x * y, to.x],
      [0, 0, 0, -x, -y, -1, to.y * x, to.y * y, to.y],
    ];
  });
  // A row of nothing: as many rows as columns have all nine vectors.
  while (rows.length < 9) rows.push(Array.from({ length: 9 }, () => 0));
  const found = new SVD(new Matrix(rows), { computeLeftSingularVectors: false });
  const [first = 0, last = 0] = [found.diagonal[0], found.diagonal[7]];
  if (last <= ALONE * first) return null;
  const solution = found.rightSingularVectors.getColumn(8);
  return joined(inverse(u), joined(solution, t));
}
