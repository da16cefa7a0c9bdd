import type { Vec } from '../body/vec.js';
import { onFloor, slopes, TAP_SD, type Calibration } from './calibration.js';

/** A place on the floor (m), and the ellipse about it in which it lies 19 times in 20: its matrix (m²) and its longer half axis (m). */
export interface Place {
  readonly at: Vec;
  readonly ellipse: { readonly xx: number; readonly xy: number; readonly yy: number };
  readonly within: number;
}

/** 19 of 20 of what is spread as usual in two ways lie within so many standard deviations, and along one way. */
export const TWO_WAYS = 2.448;
const ONE_WAY = 1.96;
/** 19 of 20 taps lie within so much of what they are off at most: 0.97 of those anywhere in a circle, 1.20 in a square about it. */
const TAPS = 1.15;

/** Of a symmetric 2 × 2 matrix: the root of its larger eigenvalue. */
const longer = ({ xx, xy, yy }: Place['ellipse']): number => Math.sqrt((xx + yy) / 2 + Math.hypot((xx - yy) / 2, xy));

/** Rows × covariance × rows, transposed. */
function carried(rows: readonly (readonly number[])[], covariance: readonly (readonly number[])[]): Place['ellipse'] {
  const by = (one: readonly number[], other: readonly number[]): number =>
    one.reduce((sum, a, i) => sum + other.reduce((part, b, k) => part + a * b * (covariance[i]?.[k] ?? 0), 0), 0);
  const [x = [], y = []] = rows;
  return { xx: by(x, x), xy: by(x, y), yy: by(y, y) };
}

const UNIT = [
  [1, 0],
  [0, 1],
];

/**
 * Where a tapped pixel lies on the floor, with what the tap and the calibration leave open (first order: Hartley & Zisserman, Multiple
 * View Geometry, 5.2.6).
 */
export function placeOf(calibration: Calibration, pixel: Vec): Place {
  const { tap, sought, covariance } = calibration;
  const xy = ({ x, y }: Vec): number[] => [x, y];
  const ofTap = carried(
    slopes([pixel.x, pixel.y], ([x = 0, y = 0]) => xy(onFloor(calibration, { x, y }))),
    UNIT,
  );
  const ofFloor = carried(
    slopes(sought, (at) => xy(onFloor(calibration, pixel, at))),
    covariance,
  );
  const [a, b] = [(TAPS * tap) ** 2, (TWO_WAYS * TAP_SD * tap) ** 2];
  const of = (which: keyof Place['ellipse']): number => a * ofTap[which] + b * ofFloor[which];
  const ellipse = { xx: of('xx'), xy: of('xy'), yy: of('yy') };
  return { at: onFloor(calibration, pixel), ellipse, within: longer(ellipse) };
}

/**
 * Whether a place lies in the ellipse of another.
 * @example inEllipse({ at: { x: 0, y: 0 }, ellipse: { xx: 1, xy: 0, yy: 4 }, within: 2 }, { x: 0, y: 1.9 }) // true
 */
export function inEllipse({ at, ellipse: { xx, xy, yy } }: Place, { x, y }: Vec): boolean {
  const [dx, dy, det] = [x - at.x, y - at.y, xx * yy - xy * xy];
  return (yy * dx * dx - 2 * xy * dx * dy + xx * dy * dy) / det <= 1;
}

/** A number that follows from places on the floor, and within how much of it the truth lies, 19 times in 20. */
export interface Measure {
  readonly value: number;
  readonly within: number;
}

/**
 * What follows from tapped pixels: the calibration is the same for all of them, so that what it leaves open in each goes together.
 * @param of the number, from where the pixels lie on the floor (m).
 */
export function measured(calibration: Calibration, pixels: readonly Vec[], of: (floor: readonly Vec[]) => number): Measure {
  const { tap, sought, covariance } = calibration;
  const flat = pixels.flatMap(({ x, y }) => [x, y]);
  const value = (from: readonly number[], at = sought): number =>
    of(pixels.map((_, i) => onFloor(calibration, { x: from[2 * i] ?? 0, y: from[2 * i + 1] ?? 0 }, at)));
  const [ofTaps = []] = slopes(flat, (from) => [value(from)]);
  const ofFloor = carried(
    slopes(sought, (at) => [value(flat, at)]),
    covariance,
  ).xx;
  const variance = ofTaps.reduce((sum, one) => sum + one * one, 0) + ofFloor;
  return { value: value(flat), within: ONE_WAY * TAP_SD * tap * Math.sqrt(variance) };
}
