import type { Vec } from '../body/vec.js';
import type { Picture } from './calibration.js';
import { bent, lensOf } from './lens.js';

/** A place in the hall: right, ahead, up; metres. */
export type Spot = readonly [number, number, number];

/** A camera that is known: where it stands and what it looks at, its focal length (pixels) and the lens's bend. */
export interface Camera {
  readonly at: Spot;
  readonly to: Spot;
  readonly focal: number;
  readonly picture: Picture;
  readonly bend: number;
}

const minus = (a: Spot, b: Spot): Spot => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Spot, b: Spot): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Spot, b: Spot): Spot => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
const unit = (a: Spot): Spot => {
  const length = Math.sqrt(dot(a, a));
  return [a[0] / length, a[1] / length, a[2] / length];
};

/** How far ahead of the camera a spot lies, metres; behind it, negative. */
export const aheadOf = ({ at, to }: Camera, spot: Spot): number => dot(minus(spot, at), unit(minus(to, at)));

/**
 * The pixel of a spot, as a pinhole with a lens sees it (Hartley & Zisserman, Multiple View Geometry, 6.1); of what lies behind the
 * camera it says nothing of use.
 * @example spotSeen({ at: [0, 0, 2], to: [0, 5, 0], focal: 1000, picture: { width: 1920, height: 1080 }, bend: 0 }, [0, 5, 0]) // { x: 960, y: 540 }
 */
export function spotSeen(camera: Camera, spot: Spot): Vec {
  const { at, to, focal, picture, bend } = camera;
  const ahead = unit(minus(to, at));
  const right = unit(cross(ahead, [0, 0, 1]));
  const way = minus(spot, at);
  const lens = lensOf(picture, bend);
  const scale = focal / lens.half / dot(way, ahead);
  return bent(lens, { x: dot(way, right) * scale, y: dot(way, cross(ahead, right)) * scale });
}

/** The pixel of a place on the floor. */
export const sees = (camera: Camera, { x, y }: Vec): Vec => spotSeen(camera, [x, y, 0]);
