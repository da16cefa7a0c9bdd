import type { Vec } from '../body/vec.js';
import { TAP_SD, tapOff, type Picture } from './calibration.js';
import type { Measure } from './place.js';

/** 19 of 20 lie within so many standard deviations of what is spread as usual. */
const OF_TWENTY = 1.96;
const DEGREES = 180 / Math.PI;

/**
 * The angle at the middle one of three tapped places of a picture, 0 to 180°. It is one of the picture: of the body only where the camera
 * looks square at the plane in which it lies. What the taps leave open is carried through at first order: each arm is turned by what its
 * far end is off across it, and both by what the middle is off.
 * @param picture in whose pixels they are.
 * @returns degrees; null where two of the taps are one.
 * @example angleOf([{ x: 0, y: 100 }, { x: 0, y: 0 }, { x: 100, y: 0 }], { width: 1920, height: 1080 })?.value // 90
 */
export function angleOf([one, middle, other]: readonly [Vec, Vec, Vec], picture: Picture): Measure | null {
  const [a, b] = [
    { x: one.x - middle.x, y: one.y - middle.y },
    { x: other.x - middle.x, y: other.y - middle.y },
  ];
  const [long, far] = [Math.hypot(a.x, a.y), Math.hypot(b.x, b.y)];
  if (long === 0 || far === 0) return null;
  const value = Math.abs(Math.atan2(a.x * b.y - a.y * b.x, a.x * b.x + a.y * b.y)) * DEGREES;
  // Where the middle is off, the arms turn together or against each other: by the vector between their two turns.
  const turn = { x: -a.y / long ** 2 + b.y / far ** 2, y: a.x / long ** 2 - b.x / far ** 2 };
  const variance = (TAP_SD * tapOff(picture)) ** 2 * (1 / long ** 2 + 1 / far ** 2 + turn.x ** 2 + turn.y ** 2);
  return { value, within: OF_TWENTY * Math.sqrt(variance) * DEGREES };
}
