import { inverse as inverted, Matrix, solve } from 'ml-matrix';
import { distance, sub, type Vec } from '../body/vec.js';
import { depth, directly, inverse, joined, through, type Homography } from './homography.js';
import { bent, lensOf, straight, type Lens } from './lens.js';

/** What is sought: a homography whose last number is 1, and the lens's bend. */
type Sought = readonly number[];

/** A point of the floor that was tapped in the picture: what it is called, its pixel, and where it lies (m). */
export interface Tapped {
  readonly name: string;
  readonly picture: Vec;
  readonly floor: Vec;
}

export interface Picture {
  readonly width: number;
  readonly height: number;
}

/** How far a point lies from where all of them together have it, pixels. */
interface Residual {
  readonly name: string;
  readonly pixels: number;
}

/** How pixels of a picture stand to the floor. */
export interface Calibration {
  /** From the floor (m) to the picture without its lens. */
  readonly there: Homography;
  readonly lens: Lens;
  /** A tap is off by so much at most, pixels. */
  readonly tap: number;
  readonly residuals: readonly Residual[];
  /** Points that do not go with the others; of five one cannot say which. */
  readonly bad: readonly string[];
  /** Whether there were more points than four, so that a wrong one is seen. */
  readonly checked: boolean;
  /** The nine numbers that were sought, of a floor so scaled, and their covariance for taps with a standard deviation of one pixel. */
  readonly sought: Sought;
  readonly covariance: readonly (readonly number[])[];
  readonly scale: Homography;
  readonly picture: Picture;
}

/** Why there is none, and of which points. */
export interface NoCalibration {
  readonly code: 'few-points' | 'on-one-line' | 'wrong-order' | 'same-point';
  readonly names: readonly string[];
}

/** A tap is this far off at most, pixels at 1080 lines (common practice, no source). */
const TAP_OFF = { pixels: 2, lines: 1080 } as const;
/** By how many pixels of a picture a tap is off at most, where nobody says otherwise. */
export const tapOff = ({ width, height }: Picture): number => (TAP_OFF.pixels * Math.min(width, height)) / TAP_OFF.lines;
/**
 * How much phones bend straight lines, as a standard deviation (value from memory): what is known beforehand. Few points say little of it,
 * and what they leave open is in what is stated.
 */
const BEND = 0.05;
/** Three points are on one line where one is nearer to it than this part of the longest way between them. */
const LINE = 0.01;
/** A point without which the squares, in those of a tap, are so much less does not go with the others: of good ones one in 20,000 (χ², 2 degrees). */
const TOO_MUCH = 20;
const ROUNDS = 50;

/**
 * Standard deviation of a tap along one way, as part of what it is off at most: 0.50 of taps anywhere in a circle, 0.58 of those anywhere
 * in a square. Which it is nobody knows.
 */
export const TAP_SD = 0.55;

/** Metres about the middle of the points, as large as 1. */
function floorScale(points: readonly Tapped[]): Homography {
  const n = points.length;
  const middle = { x: points.reduce((s, { floor }) => s + floor.x, 0) / n, y: points.reduce((s, { floor }) => s + floor.y, 0) / n };
  const k = 1 / Math.max(...points.map(({ floor }) => distance(floor, middle)));
  return [k, 0, -k * middle.x, 0, k, -k * middle.y, 0, 0, 1];
}

const homographyOf = (sought: Sought, scale: Homography): Homography => joined([...sought.slice(0, 8), 1], scale);
const lensWith = (picture: Picture, sought: Sought): Lens => lensOf(picture, sought[8] ?? 0);

/** Where the floor's points fall in the picture. */
const shown = (points: readonly Tapped[], sought: Sought, scale: Homography, picture: Picture): Vec[] => {
  const [there, lens] = [homographyOf(sought, scale), lensWith(picture, sought)];
  return points.map(({ floor }) => bent(lens, through(there, floor)));
};

/**
 * Where a pixel lies on the floor (m): only what touches the floor does. NaN beyond the horizon.
 * @param sought other numbers than those found, to see what comes of them.
 */
export function onFloor({ scale, picture, sought: found }: Calibration, pixel: Vec, sought: Sought = found): Vec {
  const there = homographyOf(sought, scale);
  const plain = straight(lensWith(picture, sought), pixel);
  const [at, to] = [through(inverse(there), plain), (p: Vec): number => Math.sign(depth(there, p))];
  return to(at) === to(through(inverse(scale), { x: 0, y: 0 })) ? at : { x: Number.NaN, y: Number.NaN };
}

/** The pixel of a place on the floor. */
export const inPicture = ({ there, lens }: Calibration, floor: Vec): Vec => bent(lens, through(there, floor));

/** How `work` changes with each number, by the difference of two steps. */
export function slopes(at: readonly number[], work: (at: readonly number[]) => readonly number[]): number[][] {
  const columns = at.map((value, i) => {
    const step = 1e-6 * Math.max(1, Math.abs(value));
    const by = (d: number): readonly number[] => work(at.with(i, value + d));
    const [more, less] = [by(step), by(-step)];
    return more.map((one, k) => (one - (less[k] ?? 0)) / (2 * step));
  });
  return (columns[0] ?? []).map((_, row) => columns.map((column) => column[row] ?? 0));
}

/** Least squares of what is off in the picture (Levenberg 1944, Marquardt 1963), with what is known of the bend beforehand as one more row. */
function refined(
  points: readonly Tapped[],
  from: Sought,
  scale: Homography,
  picture: Picture,
  known: number,
): { readonly sought: Sought; readonly squares: number } {
  const off = (sought: Sought): number[] => [
    ...shown(points, sought, scale, picture).flatMap((p, i) => {
      const { x, y } = sub(p, points[i]?.picture ?? p);
      return [x, y];
    }),
    (sought[8] ?? 0) * known,
  ];
  const sum = (all: readonly number[]): number => all.reduce((s, one) => s + one * one, 0);
  let [now, damp] = [from, 1e-3];
  let cost = sum(off(now));
  for (let round = 0; round < ROUNDS; round++) {
    const j = new Matrix(slopes(now, off));
    const jt = j.transpose();
    const square = jt.mmul(j);
    const down = jt.mmul(Matrix.columnVector(off(now))).to1DArray();
    const damped = square.clone();
    for (let i = 0; i < now.length; i++) damped.set(i, i, square.get(i, i) * (1 + damp) + Number.EPSILON);
    const step = solve(damped, Matrix.columnVector(down)).to1DArray();
    const next = now.map((one, i) => one - (step[i] ?? 0));
    const after = sum(off(next));
    if (!(after < cost)) {
      damp *= 10;
      if (damp > 1e8) break;
      continue;
    }
    const gained = cost - after;
    [now, cost, damp] = [next, after, damp / 10];
    if (gained < 1e-9 * (1 + cost)) break;
  }
  return { sought: now, squares: cost };
}

/** Those of four that lie on one line, or in one place, on the floor or in the picture. */
function degenerate(points: readonly Tapped[]): NoCalibration | null {
  for (const plane of ['floor', 'picture'] as const)
    for (let a = 0; a < points.length; a++)
      for (let b = a + 1; b < points.length; b++) {
        const [one, other] = [points[a], points[b]];
        if (one && other && distance(one[plane], other[plane]) < 1e-9) return { code: 'same-point', names: [one.name, other.name] };
      }
  if (points.length > 4) return null;
  for (let left = 0; left < points.length; left++) {
    const three = points.filter((_, i) => i !== left);
    for (const plane of ['floor', 'picture'] as const) {
      const [p, q, r] = three.map((one) => one[plane]) as [Vec, Vec, Vec];
      const [u, v] = [sub(q, p), sub(r, p)];
      const longest = Math.max(distance(p, q), distance(q, r), distance(p, r));
      if (Math.abs(u.x * v.y - u.y * v.x) / longest < LINE * longest) return { code: 'on-one-line', names: three.map(({ name }) => name) };
    }
  }
  return null;
}

/** A camera above the floor sees it the right way round and before itself: where it does not, points were tapped in another order. */
function turnedRound(points: readonly Tapped[], there: Homography): readonly string[] {
  const turns = (p: Vec): number => {
    const [o, x, y] = [p, { x: p.x + 1e-4, y: p.y }, { x: p.x, y: p.y + 1e-4 }].map((q) => through(there, q)) as [Vec, Vec, Vec];
    return (x.x - o.x) * (y.y - o.y) - (x.y - o.y) * (y.x - o.x);
  };
  const side = Math.sign(depth(there, points[0]?.floor ?? { x: 0, y: 0 }));
  // Down in the picture grows, ahead on the floor does too: what is right and ahead turns the other way round there.
  return points.filter(({ floor }) => Math.sign(depth(there, floor)) !== side || turns(floor) > 0).map(({ name }) => name);
}

function fitted(points: readonly Tapped[], picture: Picture, tap: number) {
  const scale = floorScale(points);
  const start = directly(points.map((one) => ({ from: through(scale, one.floor), to: straight(lensOf(picture, 0), one.picture) })));
  if (start === null) return null;
  const last = start[8] ?? 1;
  const from = [...start.slice(0, 8).map((one) => one / last), 0];
  const { sought, squares } = refined(points, from, scale, picture, (TAP_SD * tap) / BEND);
  const pixels = shown(points, sought, scale, picture).map((p, i) => distance(p, points[i]?.picture ?? p));
  return { scale, sought, pixels, cost: squares / (TAP_SD * tap) ** 2 };
}

/**
 * Points that do not go with the others: the one without which the rest goes together so much better that taps alone cannot be why, again
 * and again. A point far from the others draws all to itself: how far it is off in the end says little.
 */
function badOf(points: readonly Tapped[], picture: Picture, tap: number): string[] {
  const bad: string[] = [];
  let [rest, cost] = [points, fitted(points, picture, tap)?.cost ?? 0];
  while (rest.length > 4 && cost > TOO_MUCH) {
    const without = rest.map((_, i) => fitted(rest.toSpliced(i, 1), picture, tap)?.cost ?? Infinity);
    const [least, before] = [Math.min(...without), cost];
    if (before - least <= TOO_MUCH) break;
    // Of five each four go together: nobody can say which is wrong.
    if (rest.length === 5) return [...bad, ...rest.map(({ name }) => name)];
    const at = without.indexOf(least);
    bad.push(rest[at]?.name ?? '');
    [rest, cost] = [rest.toSpliced(at, 1), least];
  }
  return bad;
}

/**
 * How the pixels of a picture stand to a floor, of which points were tapped: a homography by the direct linear transform, refined by least
 * squares in the picture, with one term for the lens where there are enough points to tell.
 * @param tap by how many pixels a tap is off at most; 2 at 1080 lines where nothing is said.
 * @example calibrated([], { width: 1920, height: 1080 }) // { code: 'few-points', names: [] }
 */
export function calibrated(points: readonly Tapped[], picture: Picture, tap = tapOff(picture)): Calibration | NoCalibration {
  if (points.length < 4) return { code: 'few-points', names: points.map(({ name }) => name) };
  const wrong = degenerate(points);
  if (wrong) return wrong;
  const fit = fitted(points, picture, tap);
  if (fit === null) return { code: 'on-one-line', names: points.map(({ name }) => name) };
  const { scale, sought, pixels } = fit;
  const there = homographyOf(sought, scale);
  const bad = badOf(points, picture, tap);
  const round = turnedRound(points, there);
  if (round.length > 0) return { code: 'wrong-order', names: bad.length > 0 && bad.length < points.length ? bad : round };
  const known = (TAP_SD * tap) / BEND;
  const j = new Matrix([
    ...slopes(sought, (at) => shown(points, at, scale, picture).flatMap(({ x, y }) => [x, y])),
    [0, 0, 0, 0, 0, 0, 0, 0, known],
  ]);
  return {
    there,
    lens: lensWith(picture, sought),
    tap,
    scale,
    picture,
    residuals: points.map(({ name }, i) => ({ name, pixels: pixels[i] ?? 0 })),
    bad,
    checked: points.length > 4,
    sought,
    covariance: inverted(j.transpose().mmul(j)).to2DArray(),
  };
}
