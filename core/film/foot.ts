import type { FootAt, Side } from '../body/foot.js';
import { sizeOf, type Feet } from '../body/stance.js';
import { distance, normalised, sub, type Vec } from '../body/vec.js';
import type { Calibration } from './calibration.js';
import { measured, placeOf, type Measure, type Place } from './place.js';

/** A foot that touches the floor in a frame, as it was tapped: its ball, and its heel, or the tip of its toe where the heel is up. */
export interface Footprint {
  readonly foot: Side;
  readonly frame: number;
  readonly ball: Vec;
  readonly other: { readonly part: 'heel' | 'tip'; readonly at: Vec } | null;
}

/** A toe that is less certain than this (°) is not said. */
const TOE_WITHIN = 10;

/** Where a foot stood, and how its toe was turned (°, clockwise from ahead); null where that cannot be said so closely. */
export interface Stood {
  readonly foot: Side;
  readonly frame: number;
  readonly place: Place;
  readonly toe: Measure | null;
}

const DEGREES = 180 / Math.PI;
/** The heading from one place to another, ° clockwise from ahead. */
const heading = (from: Vec, to: Vec): number => Math.atan2(to.x - from.x, to.y - from.y) * DEGREES;

/** Where a foot was, in metres and degrees, with what the taps and the calibration leave open. */
export function stood(calibration: Calibration, { foot, frame, ball, other }: Footprint): Stood {
  const place = placeOf(calibration, ball);
  const toe = other && toeOf(calibration, ball, other);
  return { foot, frame, place, toe: toe && toe.within <= TOE_WITHIN ? toe : null };
}

function toeOf(calibration: Calibration, ball: Vec, { part, at }: NonNullable<Footprint['other']>): Measure {
  const of = ([one, two]: readonly Vec[]): number => (one && two ? (part === 'heel' ? heading(two, one) : heading(one, two)) : Number.NaN);
  const value = of([ball, at].map((pixel) => placeOf(calibration, pixel).at));
  // About its value, so that nothing leaps where headings begin anew.
  const { within } = measured(calibration, [ball, at], (floor) => normalised(of(floor) - value));
  return { value, within };
}

/** How long a step is from where a foot was to where it is next, metres. */
export const stepLength = (calibration: Calibration, from: Footprint, to: Footprint): Measure =>
  measured(calibration, [from.ball, to.ball], ([a, b]) => (a && b ? distance(a, b) : Number.NaN));

/** How wide and how long two feet stand, seen along a heading; metres from ball to ball. */
export function stanceOf(
  calibration: Calibration,
  feet: Readonly<Record<Side, Footprint>>,
  along: number,
): Readonly<Record<'width' | 'length', Measure>> {
  const size = (floor: readonly Vec[]) => {
    const at = (i: number): FootAt => ({ ...(floor[i] ?? { x: Number.NaN, y: Number.NaN }), toe: along });
    const now: Feet = { left: at(0), right: at(1) };
    return sizeOf(now, along);
  };
  const pixels = [feet.left.ball, feet.right.ball];
  return {
    width: measured(calibration, pixels, (floor) => size(floor).width),
    length: measured(calibration, pixels, (floor) => Math.abs(size(floor).leftAhead)),
  };
}

/** How far a foot is from a line of the floor, metres; on its right, seen from its first point to its second, it is positive. */
export function fromLine(
  calibration: Calibration,
  { ball }: Pick<Footprint, 'ball'>,
  line: { readonly from: Vec; readonly to: Vec },
): Measure {
  const along = sub(line.to, line.from);
  return measured(calibration, [ball], ([at]) => {
    const off = sub(at ?? { x: Number.NaN, y: Number.NaN }, line.from);
    return (along.y * off.x - along.x * off.y) / Math.hypot(along.x, along.y);
  });
}
